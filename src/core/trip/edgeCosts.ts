import { sum } from 'd3-array';
import type { Ladder } from '../ladder';
import { heaviestRung } from './heaviestRung';
import { ladderAt, type EdgeAtHand } from './ladderAt';
import type { CostPoint, EdgeCosts } from './types';

/** Roundness (multiples of the target) and chips (mm) that touch-ups are planned for once. */
const WORN_RATIOS = [1.3, 1.7, 2.3, 3.2, 4.5, 7, 11];
const CHIPS_MM = [0.1, 0.2, 0.4, 0.8];
const CHIPPED_RATIO = 2.3;

/** What touch-ups of one edge cost with what is carried: planned at a few states, and read between them. */
export function edgeCosts(input: EdgeAtHand): EdgeCosts {
  const { target } = input;
  const at = (ratio: number, chipMm: number): CostPoint[] => {
    const plan = ladderAt(input, ratio, chipMm);
    const apexUm = ratio * target.apexRadiusUm;
    return plan.outcome === 'planned' ? [costPoint(apexUm, chipMm, plan)] : [];
  };
  const worn = WORN_RATIOS.flatMap((ratio) => at(ratio, 0));
  const chipped = CHIPS_MM.flatMap((chipMm) => at(CHIPPED_RATIO, chipMm));
  const ends = worn.map(({ endUm }) => endUm);
  const finishUm = ends.length > 0 ? Math.max(...ends) : target.apexRadiusUm;
  return { worn, chipped, finishUm };
}

function costPoint(apexUm: number, chipMm: number, plan: Ladder): CostPoint {
  const { steps, minutes, apexRadiusUm } = plan;
  return {
    apexUm,
    chipMm,
    minutes,
    rung: heaviestRung(steps.map(({ abrasive }) => abrasive)),
    strokesPerSide: sum(steps, ({ strokesPerSide }) => strokesPerSide),
    waterMl: sum(steps, ({ waterMl }) => waterMl),
    passes: sum(steps, ({ abrasive, strokesPerSide }) =>
      abrasive.kind === 'strop' && abrasive.loaded ? 2 * strokesPerSide : 0,
    ),
    endUm: apexRadiusUm,
  };
}

/** The touch-up of an edge in a state between those that were planned; null where nothing works it. */
export function costAt(costs: EdgeCosts, apexUm: number, chipMm: number): CostPoint | null {
  const worn = between(costs.worn, (point) => point.apexUm, apexUm);
  if (chipMm === 0 || !worn) return worn;
  const chipped = between(costs.chipped, (point) => point.chipMm, chipMm);
  if (!chipped) return worn;
  return chipped.minutes >= worn.minutes ? { ...chipped, apexUm } : { ...worn, rung: chipped.rung };
}

/** Between two planned states by a straight line; the rung is that of the nearer. */
function between(
  points: readonly CostPoint[],
  by: (point: CostPoint) => number,
  value: number,
): CostPoint | null {
  const [first] = points;
  const last = points.at(-1);
  if (!first || !last) return null;
  if (value <= by(first)) return first;
  if (value >= by(last)) {
    const share = value / by(last);
    return { ...last, minutes: last.minutes * share, strokesPerSide: last.strokesPerSide * share };
  }
  let next = 1;
  while (by(points[next]!) < value) next += 1;
  const a = points[next - 1]!;
  const b = points[next]!;
  const share = (value - by(a)) / (by(b) - by(a));
  const nearer = share < 0.5 ? a : b;
  // Written out: it is made some hundred thousand times in a forecast.
  return {
    apexUm: nearer.apexUm,
    chipMm: nearer.chipMm,
    rung: nearer.rung,
    minutes: a.minutes + share * (b.minutes - a.minutes),
    strokesPerSide: a.strokesPerSide + share * (b.strokesPerSide - a.strokesPerSide),
    waterMl: a.waterMl + share * (b.waterMl - a.waterMl),
    passes: a.passes + share * (b.passes - a.passes),
    endUm: a.endUm + share * (b.endUm - a.endUm),
  };
}
