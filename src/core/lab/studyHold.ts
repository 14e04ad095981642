import { quantileSorted, sum } from 'd3-array';
import { inRange, notNegative, positive } from '../check';
import { Draws, partOf } from '../random';
import type { HandHold } from '../../domain/experiment';
import { Grinder } from './grinder';
import { handStroke, turnsOf, type StrokeOrder } from './hand';
import type { Section } from './section';
import { inclusiveDeg } from './sectionReport';
import { Sharpening, type EdgeBefore, type HoldRun, type StoneStrokes } from './sharpening';

/** A sharpening that is tried many times over. */
export interface HoldStudy {
  section: Section;
  hold: HandHold;
  strokesPerSide: number;
  order: StrokeOrder;
  /** Area that a stroke takes (mm²). */
  areaMm2: number;
  /** Apex radius that the stone leaves (µm). */
  finishUm: number;
  /** Apex radius before (µm). */
  startUm: number;
  runs: number;
  seed: number;
}

/** Two in three results lie between `p16` and `p84`. */
export interface Quantiles {
  p16: number;
  p50: number;
  p84: number;
}

/** When the apex was reached, over many runs. */
export interface ReachedApex {
  /** Of the runs that reach the apex; null where none does. */
  apexReachedAt: Quantiles | null;
  /** Share of the runs that reach the apex. */
  reachedShare: number;
}

export interface HoldStudyResult extends ReachedApex {
  edgeInclusiveDeg: Quantiles;
  apexWidthUm: Quantiles;
  grams: Quantiles;
}

/** All runs of a study: at some counts of strokes over both sides, and when each reached the apex. */
export interface HoldRuns {
  /** `moments[k][run]`, at the count `at[k]`. */
  moments: HoldRun[][];
  apexReachedAt: (number | null)[];
}

/**
 * Thousands of freehand sharpenings of one section by one hand. The same seed gives the same result.
 */
export function studyHold(input: HoldStudy): HoldStudyResult {
  checked(input);
  const runs = holdRuns({ ...seriesOf(input), at: [2 * input.strokesPerSide] });
  const end = runs.moments[0]!;
  return {
    edgeInclusiveDeg: quantiles(end.map((run) => run.edgeInclusiveDeg)),
    apexWidthUm: quantiles(end.map((run) => run.apexWidthUm)),
    grams: quantiles(end.map((run) => run.grams)),
    ...reachedApex(runs),
  };
}

/** How often, and when, the runs of a study reached the apex. */
export function reachedApex({ apexReachedAt }: HoldRuns): ReachedApex {
  const reached = apexReachedAt.filter((stroke) => stroke !== null);
  return {
    apexReachedAt: reached.length > 0 ? quantiles(reached) : null,
    reachedShare: reached.length / apexReachedAt.length,
  };
}

/** So many runs lie between two words on how much is done. */
const RUNS_A_WORD = 50;

/** Strokes on one stone after the other, tried many times over. */
export interface SharpeningStudy extends EdgeBefore {
  stones: readonly StoneStrokes[];
  runs: number;
  seed: number;
}

/** A study of one stone as a series of it alone. */
export function seriesOf(input: HoldStudy): SharpeningStudy {
  const { section, startUm, hold, order, strokesPerSide, areaMm2, finishUm, runs, seed } = input;
  const turns = turnsOf(order, strokesPerSide);
  const apexAngleDeg = nominalApexDeg(section);
  const stones = [{ hold, turns, areaMm2, finishUm }];
  return { section, startUm, apexAngleDeg, stones, runs, seed };
}

/** Every run of a study, looked at after the strokes `at`, counted over all stones and in rising order. */
export function holdRuns(
  input: SharpeningStudy & { at: readonly number[]; onShare?: (share: number) => void },
): HoldRuns {
  const { runs, seed, at, onShare } = input;
  const moments: HoldRun[][] = at.map(() => []);
  const apexReachedAt: (number | null)[] = [];
  for (let run = 0; run < runs; run += 1) {
    if (run % RUNS_A_WORD === 0) onShare?.(run / runs);
    let next = 0;
    const lookAt = (count: number, sharpening: Sharpening): void => {
      if (at[next] !== count) return;
      moments[next]!.push(sharpening.look());
      next += 1;
    };
    apexReachedAt.push(sharpen(input, partOf(seed, run), lookAt));
  }
  return { moments, apexReachedAt };
}

/** One sharpening; the stroke that reached the apex, counted from 1, or null. */
function sharpen(
  { stones, ...edge }: SharpeningStudy,
  stream: number,
  lookAt: (count: number, sharpening: Sharpening) => void,
): number | null {
  const leastDeg = leastAngleDeg(edge.section);
  const draws = new Draws(stream);
  const sharpening = new Sharpening(
    edge,
    sum(stones, ({ turns }) => turns.length),
  );
  let reachedAt: number | null = null;
  let count = 0;
  lookAt(0, sharpening);
  for (const { hold, turns, areaMm2, finishUm } of stones) {
    sharpening.takeUp(finishUm);
    for (const turn of turns) {
      const { side, angleDeg } = handStroke(hold, turn, leastDeg, draws);
      sharpening.stroke(angleDeg, side, areaMm2);
      count += 1;
      if (reachedAt === null && sharpening.isApexReached()) reachedAt = count;
      lookAt(count, sharpening);
    }
  }
  return reachedAt;
}

export function quantiles(values: readonly number[]): Quantiles {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (p: number): number => quantileSorted(sorted, p)!;
  return { p16: at(0.16), p50: at(0.5), p84: at(0.84) };
}

/** Apex angle per side (degrees) that a section was ground at: that of its faces, past any rounding of the apex. */
export function nominalApexDeg(section: Section): number {
  return inclusiveDeg(new Grinder(section, 0), ...PAST_ROUNDING_UM) / 2;
}

/** The rounding of a blunt apex ends before, the narrowest of micro-bevels after these (µm). */
const PAST_ROUNDING_UM = [30, 60] as const;

/** A stone never lies flatter than this: on the steeper of the faces behind the bevel, and a little over. */
export function leastAngleDeg({ points }: Section): number {
  const faceDeg = (a: number, b: number): number => {
    const [from, to] = [points.at(a)!, points.at(b)!];
    return (180 / Math.PI) * Math.atan2(Math.abs(from.yMm - to.yMm), from.xMm - to.xMm);
  };
  return Math.max(faceDeg(0, 1), faceDeg(-1, -2)) + 0.05;
}

function checked(input: HoldStudy): void {
  positive(input.areaMm2, 'areaMm2');
  positive(input.strokesPerSide, 'strokesPerSide');
  positive(input.finishUm, 'finishUm');
  positive(input.startUm, 'startUm');
  positive(input.runs, 'runs');
  notNegative(input.hold.wobbleDeg, 'hold.wobbleDeg');
  inRange(input.hold.angleDeg, 'hold.angleDeg', 1, 60);
}
