import type { Practice } from '../src/domain/practice';

/** Marl's sets on a lath, from the first one in autumn to last week: [day, hand, mean, wobble, steeper on the way back]. */
const SETS: readonly (readonly [string, Practice['hand'], number, number, number])[] = [
  ['2026-09-22', 'right', 16.1, 3.2, 2.6],
  ['2026-09-22', 'left', 16.8, 3.3, 2.4],
  ['2026-10-04', 'right', 15.6, 2.6, 2.3],
  ['2026-10-04', 'left', 16.2, 2.8, 2.2],
  ['2026-10-25', 'right', 15.3, 2.1, 2.0],
  ['2026-10-25', 'left', 15.9, 2.4, 2.1],
  ['2026-11-15', 'right', 15.1, 1.6, 1.8],
  ['2026-11-15', 'left', 15.6, 1.8, 1.9],
];

export const practices: Practice[] = SETS.map(([day, hand, mean, wobble, back], i) => {
  const at = `${day}T18:${i % 2 === 0 ? '10' : '20'}:00.000Z`;
  const se = (share: number): number => Math.round(100 * wobble * share) / 100;
  return {
    id: `lath-${i + 1}`,
    createdAt: at,
    updatedAt: at,
    deletedAt: null,
    toolId: 'wren',
    zoneId: 'edge',
    at,
    person: null,
    hand,
    meantDeg: 15,
    bandDeg: 1.5,
    strokes: 20,
    seconds: 14,
    mean: { value: mean, se: se(1 / Math.sqrt(20)) },
    wobble: { value: wobble, se: se(1 / Math.sqrt(40)) },
    drift: { value: 0.1, se: se(0.75) },
    backSteeper: { value: back, se: se(2 / Math.sqrt(20)) },
    bellyLift: { value: 1.2, se: se(1 / Math.sqrt(20)) },
    heldShare: Math.round(100 * Math.min(1, 1.1 / wobble)) / 100,
  };
});
