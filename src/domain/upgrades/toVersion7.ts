/**
 * From version 6 to 7: a keeper says whether tool or stone moves, a session whether it was one of
 * several in a sitting, a step how its burr came off; a trip has its work and its ways;
 * things on the shelf say what they cost, how thick they are, what water they
 * soak up, what is left of them and whether oil was on them; strops have a form and may have two
 * faces. Until then none of that was noted. What took oil and nothing else was an oil stone.
 */

import { array, string } from 'yup';
import { recordWith, someObject, someObjects } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_6 = {
  abrasive: recordWith({ lubricants: array(string().required()).required() }),
  strop: recordWith({ backing: string().required(), surface: string().required() }),
  priced: recordWith({}),
  tool: recordWith({ schools: someObject() }),
  session: recordWith({ steps: someObjects() }),
  trip: recordWith({}),
};

export function abrasiveToVersion7(abrasive: Loose): Loose {
  const lubricants = abrasive.lubricants as string[];
  const greasy = (lubricant: string): boolean => lubricant === 'oil' || lubricant === 'fat';
  return {
    ...abrasive,
    price: null,
    freshLeft: null,
    freshAt: null,
    thicknessMm: null,
    usedWithOil: lubricants.length > 0 && lubricants.every(greasy),
    soakMl: null,
  };
}

export function stropToVersion7(strop: Loose): Loose {
  return {
    ...strop,
    price: null,
    freshLeft: null,
    form: usualForm(strop),
    loadedAt: null,
    widthMm: null,
    sagMm: 0,
    otherFace: null,
  };
}

export function pricedToVersion7(thing: Loose): Loose {
  return { ...thing, price: null };
}

function usualForm({ backing, surface }: Loose): string {
  if (backing === 'slack') return surface === 'cloth' ? 'hanging-strop' : 'belt';
  if (backing === 'soft') return 'belt';
  return backing === 'hard' ? 'board' : 'paddle';
}

export function toolToVersion7(tool: Loose): Loose {
  return { ...tool, schools: { ...(tool.schools as Loose), moves: 'by tool' } };
}

export function sessionToVersion7(session: Loose): Loose {
  const steps = (session.steps as Loose[]).map((step) => ({ ...step, deburred: null }));
  return { ...session, sitting: [], workSince: null, steps };
}

/** A trip of which only the tools were known: usual ways, no work painted. Written out, as it was then. */
export function tripToVersion7(trip: Loose): Loose {
  return {
    ...trip,
    work: [],
    ownTasks: [],
    climate: [],
    waterMlPerDay: 500,
    minutesPerEvening: 30,
    midJobStops: 1,
    policy: { stropAt: 1.25, stoneAt: 2.2, repairMm: 0.15 },
    footKm: null,
    people: [],
    carriers: [],
    hasLight: true,
    hasFlat: true,
    forbidden: [],
    archivedAt: null,
  };
}
