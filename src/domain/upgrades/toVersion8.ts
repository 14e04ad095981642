/**
 * From version 7 to 8: an entry of the log knows its trip; a trip says where one sleeps, what chip sends
 * a tool home, its kit, what of it went along and was used, and when it was looked through on return. Until then none
 * of that was noted.
 */

import { number } from 'yup';
import { recordWith, someObject } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_7 = {
  record: recordWith({}),
  trip: recordWith({ policy: someObject(), waterMlPerDay: number().required() }),
};

export function sessionToVersion8(session: Loose): Loose {
  return { ...session, tripId: null };
}

export function inspectionToVersion8(inspection: Loose): Loose {
  return { ...inspection, tripId: null };
}

export function tripToVersion8(trip: Loose): Loose {
  return {
    ...trip,
    // Nobody had said what there was beside what stones may have.
    waterAtHandMlPerDay: Math.max(3000, Number(trip.waterMlPerDay)),
    nights: 'out there',
    kit: {
      ...{ heldIn: [], keptOut: [], vehicle: [], places: [], covers: ['lubricant', 'first aid'] },
      ...{ midJobFromBelt: false, mostG: null, mostPouchG: null },
      ...{ mostPackG: null, mostBaseCampG: null },
    },
    carried: [],
    checkedInAt: null,
    policy: { ...(trip.policy as Loose), goHomeMm: null },
  };
}
