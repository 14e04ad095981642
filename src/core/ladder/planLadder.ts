import { contactPressure, DEFAULT_PACE, UNCALIBRATED_FACTOR, type Pace } from '../wear';
import { notNegative, positive } from '../check';
import { dishAngleError } from '../edge';
import { doneWhen } from './doneWhen';
import { bestMissingStone } from './missingStone';
import { ladderSolver, type LadderArc, type LadderProblem } from './shortestLadder';
import { whyUnfit } from './whyUnfit';
import type {
  EdgeCondition,
  EdgeTarget,
  LadderAbrasive,
  LadderPlan,
  LadderStep,
  WorkingFace,
} from './types';

/** A jump in µm beyond this asks too much of the finer stone. */
const LARGE_JUMP = 6;
/** A jump in µm below this could be skipped. */
const SMALL_JUMP = 1.5;
/** A step that takes longer is a sign that something is wrong, or a job for the bench. */
const STUCK_MINUTES = 30;
/** A hollow stone that changes the angle by more is worth a word. */
const NOTABLE_DISH_DEG = 0.5;
/** Length of edge in contact with a flat surface at a time. */
const CONTACT_LENGTH_MM = 25;

/**
 * The quickest ladder of the abrasives at hand that brings an edge to its target, with what each
 * step asks of the hand.
 *
 * Abrasives that do not fit the edge are named in `leftOut`; a target that no ladder reaches comes
 * back as `out of reach` with no steps. Throws a `RangeError` on negative or missing measures.
 */
export function planLadder(input: {
  zone: WorkingFace;
  condition: EdgeCondition;
  target: EdgeTarget;
  abrasives: readonly LadderAbrasive[];
  pace?: Pace;
}): LadderPlan {
  const { zone: face, condition, target, pace = DEFAULT_PACE } = input;
  positive(condition.apexRadiusUm, 'condition.apexRadiusUm');
  notNegative(condition.damageDepthMm, 'condition.damageDepthMm');
  positive(target.apexRadiusUm, 'target.apexRadiusUm');

  const leftOut: LadderPlan['leftOut'] = [];
  const abrasives = input.abrasives.filter((abrasive) => {
    const reason = whyUnfit(abrasive, face);
    if (reason) leftOut.push({ id: abrasive.id, name: abrasive.name, reason });
    return !reason;
  });
  if (condition.damageDepthMm === 0 && condition.apexRadiusUm <= target.apexRadiusUm) {
    return {
      outcome: 'leave alone',
      steps: [],
      minutes: 0,
      apexRadiusUm: condition.apexRadiusUm,
      missingStone: null,
      leftOut,
    };
  }

  const problem: LadderProblem = { face, condition, target, abrasives, pace };
  const solver = ladderSolver(problem);
  const path = solver.best();
  const missingStone = bestMissingStone(problem, solver, path?.minutes ?? Infinity);
  if (!path) {
    return {
      outcome: 'out of reach',
      steps: [],
      minutes: 0,
      apexRadiusUm: condition.apexRadiusUm,
      missingStone,
      leftOut,
    };
  }
  return {
    outcome: 'planned',
    steps: path.arcs.map((arc, i) => describe(face, arc, path.arcs[i - 1], missingStone)),
    minutes: path.minutes,
    apexRadiusUm: path.arcs.at(-1)!.to.apexRadiusUm,
    missingStone,
    leftOut,
  };
}

function describe(
  face: WorkingFace,
  { to, rung }: LadderArc,
  before: LadderArc | undefined,
  missingStone: LadderPlan['missingStone'],
): LadderStep {
  const abrasive = to.last;
  const jumpRatio = before ? before.to.last.sizeUm / abrasive.sizeUm : null;
  return {
    abrasive,
    task: rung.task,
    jumpRatio,
    angleDeg: face.angleDeg,
    ...rung.handling,
    lubricant: abrasive.kind === 'stone' ? abrasive.lubricant! : 'dry',
    forceN: rung.forceN,
    strokesPerSide: rung.strokesPerSide,
    strokesPerSideLow: Math.max(1, Math.round(rung.strokesPerSide / UNCALIBRATED_FACTOR)),
    strokesPerSideHigh: rung.strokesPerSide * UNCALIBRATED_FACTOR,
    minutes: rung.minutes,
    volumeMm3: rung.volumeMm3,
    wearRate: rung.wearRate,
    apexRadiusUm: to.apexRadiusUm,
    doneWhen: doneWhen({ task: rung.task, abrasive }, face),
    warnings: warnings({ to, rung }, jumpRatio, missingStone),
  };
}

function warnings(
  { to, rung }: LadderArc,
  jumpRatio: number | null,
  missingStone: LadderPlan['missingStone'],
): string[] {
  const found: string[] = [];
  const { last } = to;
  if (last.kind === 'strop') return found;
  if (jumpRatio !== null && jumpRatio > LARGE_JUMP) {
    const cost = missingStone
      ? `; a ${missingStone.sizeUm} µm stone would save ${Math.round(missingStone.savesMinutes)} min`
      : '';
    found.push(`A jump of ${jumpRatio.toFixed(1)} times is long${cost}.`);
  }
  if (jumpRatio !== null && jumpRatio < SMALL_JUMP) {
    found.push(`A jump of ${jumpRatio.toFixed(1)} times is short: this step could be skipped.`);
  }
  if (rung.minutes > STUCK_MINUTES) {
    found.push('More than half an hour on one stone: leave it for the bench or go coarser.');
  }
  const dishDeg = dishAngleError({ sagMm: last.dishMm, lengthMm: last.lengthMm });
  if (dishDeg > NOTABLE_DISH_DEG) {
    found.push(`It has worn hollow: the angle changes by ${dishDeg.toFixed(1)}° along the stroke.`);
  }
  const { warning } = contactPressure({
    forceN: rung.forceN,
    faceWidthMm: rung.contactWidthMm,
    contactLengthMm: CONTACT_LENGTH_MM,
  });
  if (warning === 'may-skate') found.push('Little pressure on so wide a face: it may skate.');
  if (warning === 'may-score' && last.family === 'water-stone') {
    found.push('Much pressure on so fine an edge: go lighter, a soft stone scores.');
  }
  return found;
}
