import { workingFace, type WorkingFace } from '../core/ladder';
import { type LadderStone, type LadderStrop } from '../core/ladder';
import type { Schools } from '../domain/schools';
import type { Tool } from '../domain/tool';
import { typicalTool } from '../domain/typicalTools';
import type { ToolKind } from '../domain/kinds';

/** Abrasives and faces for tests of ladders and kits. */

export const stone = (sizeUm: number, change: Partial<LadderStone> = {}): LadderStone => ({
  kind: 'stone',
  id: `stone-${sizeUm}`,
  name: `${sizeUm} µm`,
  family: 'diamond',
  form: 'plate',
  sizeUm,
  lengthMm: 100,
  widthMm: 50,
  dishMm: 0,
  state: 'normal',
  lubricant: 'water',
  soakMl: 0,
  held: null,
  ...change,
});

export const strop = (sizeUm: number, change: Partial<LadderStrop> = {}): LadderStrop => ({
  kind: 'strop',
  id: `strop-${sizeUm}`,
  name: `strop ${sizeUm} µm`,
  form: 'paddle',
  surface: 'leather',
  backing: 'leather-on-wood',
  sizeUm,
  lengthMm: 200,
  sagMm: 0,
  loaded: true,
  ...change,
});

/** A typical tool of its kind, as a record. */
export function toolOf(kind: ToolKind, schools: Partial<Schools> = {}): Tool {
  const at = '2026-01-01T00:00:00.000Z';
  const record = { id: kind, createdAt: at, updatedAt: at, deletedAt: null };
  const tool = { ...record, ...typicalTool(kind, kind) };
  return { ...tool, schools: { ...tool.schools, ...schools } };
}

/** The working face of a typical tool of its kind. */
export function faceOf(kind: ToolKind): WorkingFace {
  const tool = toolOf(kind);
  return workingFace(tool, tool.zones[0]!);
}
