'use client';

import { inspectWords as say } from './words/inspectWords';
import { nanoid } from 'nanoid';
import { newRecord } from '../../domain/newRecord';
import type { Inspection } from '../../domain/session';
import { useStore, tripIdAt } from '../../live';
import { notice } from '../../ui/notice';
import { stampNow } from '../../domain/clock';

/** Writes a look into the log, with a notice that can take it back. */
export function useNoteLook() {
  const store = useStore();
  const { inspections } = store;
  return async (look: Pick<Inspection, 'toolId' | 'zoneId' | 'seen' | 'checks'>): Promise<void> => {
    const at = stampNow();
    const id = nanoid();
    const tripId = await tripIdAt(store, look.toolId, at);
    await inspections.save({
      ...newRecord(id, at),
      ...look,
      lookedAlong: true,
      tripId,
      at,
      notes: '',
    });
    void notice(say.lookIsSaved, {
      action: {
        label: say.undo,
        onClick: () => void inspections.remove(id, stampNow()),
      },
    });
  };
}
