import type { EdgeTest, Session } from '../../domain/session';
import { gramsOf, readingNoiseG, type StropReading } from '../sharpness';

/** The readings that belong to one surface, and the spread of one of them (g). */
export interface StepSeries {
  readings: StropReading[];
  noiseGrams: number;
}

/**
 * What was read on one step's own surface, at the place that was read last; null before the first
 * reading on it. A series begins with
 * the state in which the edge came to the surface, where it was tested just then, and is never joined
 * to that of another.
 */
export function stepSeries(session: Session, stepIndex: number): StepSeries | null {
  const { tests } = session.steps[stepIndex]!;
  const latest = tests.at(-1);
  if (!latest) return null;
  // Places of an edge differ: a series is read at one of them, or all along.
  const isHere = ({ place }: EdgeTest): boolean => place === latest.place || place === 'whole';
  const all = [...arrivedWith(session, stepIndex), ...tests].filter(isHere);
  const readings = all.map((test) => ({ strokes: test.strokes ?? 0, grams: gramsOf(test) }));
  // The middle one: a test of paper among grams spreads several times as wide as they do.
  const noises = all.map(readingNoiseG).sort((a, b) => a - b);
  const noiseGrams = noises[Math.floor((noises.length - 1) / 2)]!;
  return { readings, noiseGrams };
}

/** The last reading before the surface, unless strokes came after it. */
function arrivedWith({ before, steps }: Session, stepIndex: number): EdgeTest[] {
  const walked = steps.slice(0, stepIndex).filter(({ left, right }) => left + right > 0);
  const last = walked.at(-1);
  if (!last) return before.tests.slice(-1).map(atStart);
  const test = last.tests.at(-1);
  return test && test.strokes === last.left + last.right ? [atStart(test)] : [];
}

function atStart(test: EdgeTest): EdgeTest {
  return { ...test, strokes: 0 };
}
