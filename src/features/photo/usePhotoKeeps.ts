'use client';

import { nanoid } from 'nanoid';
import { withMeasuredAngle, type EdgeNeed } from '../../core';
import { stampNow } from '../../domain/clock';
import { newRecord } from '../../domain/newRecord';
import { finding, NO_CHECKS } from '../../domain/observation';
import type { Tool } from '../../domain/tool';
import { newOne, tripIdAt, useStore, useUndoable } from '../../live';
import { photoWords as say } from '../../ui/words/photoWords';

/** Puts a measure where it belongs, each with the way to take it back. */
export interface PhotoKeeps {
  angle: (angle: { angleDeg: number; sdDeg: number }) => Promise<void>;
  edge: (mm: number) => Promise<void>;
  spine: (mm: number) => Promise<void>;
  chip: (depthMm: number, atMm: number) => Promise<void>;
}

const tenth = (mm: number): number => Math.round(10 * mm) / 10;

export function usePhotoKeeps({ tool, zone, state }: EdgeNeed): PhotoKeeps {
  const store = useStore();
  const undoable = useUndoable();
  const change = async (make: (kept: Tool, at: string) => Tool): Promise<void> => {
    const kept = await store.tools.get(tool.id);
    if (!kept) return;
    const after = make(kept, stampNow());
    await undoable(say.kept, [{ store: 'tools', id: tool.id, before: kept, after }]);
  };
  return {
    angle: (angle) =>
      change((kept, at) =>
        withMeasuredAngle(kept, zone.id, { ...angle, method: 'face-width', of: 'bevel' }, at),
      ),
    edge: (mm) =>
      change((kept, at) => ({
        ...kept,
        updatedAt: at,
        edgeLengthMm: tenth(mm),
        // The one stretch of it ends where the edge does.
        zones: kept.zones.map((own) => ({ ...own, endMm: tenth(mm), measuredAt: at })),
      })),
    spine: (mm) => change((kept, at) => ({ ...kept, updatedAt: at, spineThicknessMm: tenth(mm) })),
    async chip(depthMm, atMm) {
      const at = stampNow();
      const chip = finding('chip', tenth(atMm), Math.round(100 * depthMm) / 100, {
        cause: 'unknown',
      });
      const record = {
        ...newRecord(nanoid(), at),
        toolId: tool.id,
        zoneId: zone.id,
        tripId: await tripIdAt(store, tool.id, at),
        at,
        // What was known of it before stays known: the chip comes to it.
        seen: { tests: [...state.tests], findings: [...state.findings, chip] },
        lookedAlong: true,
        checks: NO_CHECKS,
        notes: '',
      };
      await undoable(say.chipKept, [newOne('inspections', record)]);
    },
  };
}
