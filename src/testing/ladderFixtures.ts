import { workingFace, type LadderStone, type LadderStrop, type WorkingFace } from '../core';
import type { ToolKind } from '../domain/terms';
import { typicalTool } from '../domain/typicalTools';

/** Abrasives and faces for tests of ladders and kits. */

export const stone = (sizeUm: number, change: Partial<LadderStone> = {}): LadderStone => ({
  kind: 'stone',
  id: `stone-${sizeUm}`,
  name: `${sizeUm} µm`,
  family: 'diamond',
  form: 'plate',
  sizeUm,
  lengthMm: 100,
  dishMm: 0,
  state: 'normal',
  lubricant: 'water',
  ...change,
});

export const strop = (sizeUm: number, change: Partial<LadderStrop> = {}): LadderStrop => ({
  kind: 'strop',
  id: `strop-${sizeUm}`,
  name: `strop ${sizeUm} µm`,
  surface: 'leather',
  backing: 'leather-on-wood',
  sizeUm,
  lengthMm: 200,
  ...change,
});

/** The working face of a typical tool of its kind. */
export function faceOf(kind: ToolKind): WorkingFace {
  const record = { id: kind, createdAt: '', updatedAt: '', deletedAt: null };
  const tool = { ...record, ...typicalTool(kind, kind) };
  return workingFace(tool, tool.zones[0]!);
}
