import type { CareRow } from '../core/care';

/** A row of care of which only some things are said. */
export const careRow = (change: Partial<CareRow>): CareRow => ({
  thingId: 'wren',
  name: 'Wren',
  doing: 'film',
  minutes: 1,
  goes: true,
  used: null,
  usedDays: null,
  aWeek: null,
  hollowDeg: null,
  rustAt: null,
  backFromWetAt: null,
  isClogged: false,
  freshLeft: null,
  lastAt: null,
  ownDueAt: null,
  dueAt: null,
  tripId: null,
  putOff: null,
  ...change,
});
