import {
  planLadder,
  type Hand,
  type LadderAbrasive,
  type LadderPlan,
  type WorkingFace,
} from '../ladder';
import type { CostPoint, EdgeCosts, RungOut } from './types';

/** Roundness (multiples of the target) and chips (mm) that touch-ups are planned for once. */
const WORN_RATIOS = [1.3, 1.7, 2.3, 3.2, 4.5, 7, 11];
const CHIPS_MM = [0.1, 0.2, 0.4, 0.8];
const CHIPPED_RATIO = 2.3;

/** What touch-ups of one edge cost with what is carried: planned at a few states, and read between them. */
export function edgeCosts(input: {
  face: WorkingFace;
  target: { apexRadiusUm: number; finishSizeUm: number };
  abrasives: readonly LadderAbrasive[];
  hand: Hand;
}): EdgeCosts {
  const { face, target, abrasives, hand } = input;
  const at = (ratio: number, chipMm: number): CostPoint[] => {
    const apexUm = ratio * target.apexRadiusUm;
    const middle = face.startMm + face.edgeLengthMm / 2;
    const plan = planLadder({
      zone: face,
      condition: {
        apexRadiusUm: apexUm,
        damageDepthMm: chipMm,
        damageStretch:
          chipMm > 0 ? { startMm: Math.max(0, middle - 30), endMm: middle + 30 } : null,
        keenRadiusUm: 0.6 * target.apexRadiusUm,
      },
      target,
      abrasives,
      pace: hand.pace,
      calibration: hand.learned,
      missingStone: false,
    });
    return plan.outcome === 'planned' ? [costPoint(apexUm, chipMm, plan)] : [];
  };
  const worn = WORN_RATIOS.flatMap((ratio) => at(ratio, 0));
  const chipped = CHIPS_MM.flatMap((chipMm) => at(CHIPPED_RATIO, chipMm));
  const ends = worn.map(({ endUm }) => endUm);
  const finishUm = ends.length > 0 ? Math.max(...ends) : target.apexRadiusUm;
  return { worn, chipped, finishUm };
}

function costPoint(apexUm: number, chipMm: number, plan: LadderPlan): CostPoint {
  const { steps, minutes, apexRadiusUm } = plan;
  const sum = (of: (step: LadderPlan['steps'][number]) => number): number =>
    steps.reduce((total, step) => total + of(step), 0);
  return {
    ...{ apexUm, chipMm, minutes },
    rung: rungOf(plan),
    strokesPerSide: sum(({ strokesPerSide }) => strokesPerSide),
    waterMl: sum(({ waterMl }) => waterMl),
    endUm: apexRadiusUm,
  };
}

/** The heaviest rung of a plan: the file, else any stone, else the strop. */
function rungOf({ steps }: LadderPlan): RungOut {
  if (steps.some(({ abrasive }) => abrasive.kind === 'stone' && abrasive.form === 'file')) {
    return 'file';
  }
  return steps.some(({ abrasive }) => abrasive.kind === 'stone') ? 'stone' : 'strop';
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
  const next = points.findIndex((point) => by(point) >= value);
  const [a, b] = [points[next - 1]!, points[next]!];
  const share = (value - by(a)) / (by(b) - by(a));
  const mix = (of: (point: CostPoint) => number): number => of(a) + share * (of(b) - of(a));
  return {
    ...(share < 0.5 ? a : b),
    minutes: mix(({ minutes }) => minutes),
    strokesPerSide: mix(({ strokesPerSide }) => strokesPerSide),
    waterMl: mix(({ waterMl }) => waterMl),
    endUm: mix(({ endUm }) => endUm),
  };
}
