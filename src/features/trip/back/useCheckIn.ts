'use client';

import { tripBackWords as say } from '../../../ui/words/screens/tripBack';
import { nanoid } from 'nanoid';
import { newRecord } from '../../../domain/newRecord';
import { NO_CHECKS } from '../../../domain/observation';
import type { Inspection } from '../../../domain/session';
import type { Carried, Trip } from '../../../domain/trip';
import { newOne, useUndoable } from '../../../live';
import { stampNow } from '../../../domain/clock';

/** Notes what came back, all in one act: a look at each edge, and what was used of the things. */
export function useCheckIn(trip: Trip) {
  const undoable = useUndoable();
  return async (
    looks: readonly Pick<Inspection, 'toolId' | 'zoneId' | 'seen'>[],
    things: readonly Carried[],
  ): Promise<void> => {
    const at = stampNow();
    const inspections = looks.map((look): Inspection => ({
      ...newRecord(nanoid(), at),
      ...look,
      tripId: trip.id,
      at,
      lookedAlong: true,
      checks: NO_CHECKS,
      notes: '',
    }));
    const checkedIn: Trip = {
      ...trip,
      carried: things.map((thing) => ({ ...thing, used: thing.used ?? false })),
      toldDays: Array.from({ length: trip.days }, (_, day) => day),
      looksBack: [],
      checkedInAt: at,
      updatedAt: at,
    };
    await undoable(say.backFromNoted(trip.name, looks.length), [
      ...inspections.map((record) => newOne('inspections', record)),
      { store: 'trips', id: trip.id, before: trip, after: checkedIn },
    ]);
  };
}
