'use client';

import { nanoid } from 'nanoid';
import { oneChip } from '../../../core';
import { stampNow } from '../../../domain/clock';
import { newRecord } from '../../../domain/newRecord';
import { finding, NO_CHECKS, passedTest } from '../../../domain/observation';
import type { Observation } from '../../../domain/session';
import type { Abrasive } from '../../../domain/shelf';
import type { SharpnessTest } from '../../../domain/terms';
import { UNKNOWN_SIZES, type Fineness } from '../../../domain/usualThings';
import { newOne, tripIdAt, useStore, useUndoable } from '../../../live';
import { firstAnswer } from '../../../ui/words/firstAnswerWords';
import type { LoggedNeed } from '../loggedNeed';

/** Saves one measure that was told, each with the way to take it back. */
export function useTellMeasure({ tool, zone, state }: LoggedNeed) {
  const store = useStore();
  const undoable = useUndoable();
  const look = async (seen: Observation, lookedAlong: boolean): Promise<void> => {
    const at = stampNow();
    const record = {
      ...newRecord(nanoid(), at),
      toolId: tool.id,
      zoneId: zone.id,
      tripId: await tripIdAt(store, tool.id, at),
      at,
      seen,
      lookedAlong,
      checks: NO_CHECKS,
      notes: '',
    };
    await undoable(firstAnswer.saved, [newOne('inspections', record)]);
  };
  return {
    /** The deepest chip, in the middle of the edge: where exactly is asked on the strip; 0 for none. */
    chip(depthMm: number): Promise<void> {
      const { startMm, endMm } = oneChip(zone);
      const chip = finding('chip', (startMm + endMm) / 2, depthMm, { cause: 'unknown' });
      return look({ tests: [...state.tests], findings: depthMm > 0 ? [chip] : [] }, true);
    },
    sharpness(test: SharpnessTest): Promise<void> {
      return look({ tests: [passedTest(test)], findings: [] }, false);
    },
    async grain(stone: Abrasive, fineness: Fineness): Promise<void> {
      const faces = stone.faces.map((face) => ({ ...face, grade: UNKNOWN_SIZES[fineness] }));
      await undoable(firstAnswer.saved, [
        { store: 'abrasives', id: stone.id, before: stone, after: { ...stone, faces } },
      ]);
    },
    async length(edgeLengthMm: number): Promise<void> {
      const kept = await store.tools.get(tool.id);
      if (!kept) return;
      const zones = kept.zones.map((own) => ({
        ...own,
        endMm: edgeLengthMm,
        measuredAt: stampNow(),
      }));
      await undoable(firstAnswer.saved, [
        { store: 'tools', id: tool.id, before: kept, after: { ...kept, edgeLengthMm, zones } },
      ]);
    },
  };
}
