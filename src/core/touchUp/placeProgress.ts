import type { EdgeTest, Session } from '../../domain/session';
import { EDGE_PLACES } from '../../domain/terms';
import { estimateApex, testReading, type ApexEstimate } from '../sharpness';

/** How the edge was at one place before the work, and how it is now; null where it was not tested. */
export interface PlaceProgress {
  place: EdgeTest['place'];
  before: ApexEstimate | null;
  now: ApexEstimate | null;
}

/**
 * The edge along its length, heel to tip: tests of the whole edge stand for every place that has none
 * of its own. One line for the whole edge where no place was tested by itself.
 */
export function placeProgress({ before, steps, after }: Session): PlaceProgress[] {
  const rounds = [...steps.map(({ tests }) => tests), after.tests];
  const tested = new Set([...before.tests, ...rounds.flat()].map(({ place }) => place));
  const places = EDGE_PLACES.filter((place) => place !== 'whole' && tested.has(place));
  return (places.length > 0 ? places : (['whole'] as const)).map((place) => ({
    place,
    before: estimateAt(before.tests, place),
    now: estimateAt(rounds.findLast((tests) => testsAt(tests, place).length > 0) ?? [], place),
  }));
}

/** The newest readings at a place, all that were taken after the same strokes; null where none were. */
function estimateAt(tests: readonly EdgeTest[], place: EdgeTest['place']): ApexEstimate | null {
  const own = testsAt(tests, place);
  const newest = own.at(-1);
  if (!newest) return null;
  const together = own.filter(({ strokes }) => strokes === newest.strokes);
  return estimateApex({ tests: together.map(testReading) });
}

function testsAt(tests: readonly EdgeTest[], place: EdgeTest['place']): EdgeTest[] {
  const own = tests.filter((test) => test.place === place);
  return own.length > 0 ? own : tests.filter((test) => test.place === 'whole');
}
