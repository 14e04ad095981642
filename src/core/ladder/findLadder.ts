import { sum } from 'd3-array';
import type { DamageWay } from '../../domain/terms';
import { strokesLearned, UNTAUGHT_HAND, type LearnedHand } from '../evidence';
import { KEEN_UP_TO, passedTest, sizeForFinishUm } from '../sharpness';
import { DEFAULT_PACE, type Pace } from '../wear';
import { notNegative, positive } from '../check';
import { chooseStone, chooseStrop, reachableGoal, type ChosenLadder } from './chooseLadder';
import { usualDamageWay } from './damageWays';
import { describeStep } from './describeStep';
import { helpfulStone } from './missingStone';
import {
  arcTo,
  inOrder,
  ladderGraph,
  type LadderArc,
  type LadderGoal,
  type LadderPath,
  type LadderProblem,
} from './shortestLadder';
import { PRIORS } from '../priors';
import { whyUnfit } from './whyUnfit';
import { workedParts } from './workedParts';
import {
  NO_WISHES,
  type EdgeCondition,
  type EdgeTarget,
  type LadderAbrasive,
  type Ladder,
  type LadderStep,
  type OwnLadder,
  type WorkingFace,
} from './types';

export interface LadderRequest {
  zone: WorkingFace;
  condition: EdgeCondition;
  target: EdgeTarget;
  /** What is at hand. */
  abrasives: readonly LadderAbrasive[];
  /** Everything owned, elsewhere too; what is at hand where nothing is said. */
  owned?: readonly LadderAbrasive[];
  damageWay?: DamageWay;
  ownLadder?: OwnLadder;
  /** Whether stropping alone may answer; not where an apex has to be set anew. */
  stropAlone?: boolean;
  /** Whether the target need not be missed for there to be work: a new apex after thinning. */
  evenIfKeen?: boolean;
  pace?: Pace;
  calibration?: LearnedHand;
  /** Whether to look for the stone that would help most: most of the work of a plan. */
  missingStone?: boolean;
  /** Whether to work out what the person's wishes cost against the best. */
  priceWishes?: boolean;
}

/**
 * The ladder that brings an edge to its target with the things at hand, and what each step asks of
 * the hand: the strop alone where that does it, else the finest first stone that is nearly as quick as
 * the quickest. Where the target is out of reach, the ladder that ends finest, and what it is short
 * of; `out of reach` only where nothing at hand works the edge at all. The person's own wishes come
 * first, with what they cost. Throws a `RangeError` on negative or missing measures.
 */
export function findLadder(request: LadderRequest): Ladder {
  const { zone: face, condition, ownLadder = NO_WISHES } = request;
  positive(condition.apexRadiusUm, 'condition.apexRadiusUm');
  notNegative(condition.damageDepthMm, 'condition.damageDepthMm');
  positive(request.target.apexRadiusUm, 'target.apexRadiusUm');
  const { fitting, leftOut } = sorted(face, request.abrasives);
  const wished = fitting.filter(({ id }) => !ownLadder.leftOut.includes(id));
  const none: Ladder = {
    outcome: 'leave alone',
    steps: [],
    minutes: 0,
    minutesLow: 0,
    minutesHigh: 0,
    apexRadiusUm: condition.apexRadiusUm,
    shortOf: { apex: false, finish: false },
    quickest: null,
    firstStones: [],
    wishesFailed: false,
    missingStone: null,
    leftOut: [
      ...leftOut,
      ...fitting
        .filter(({ id }) => ownLadder.leftOut.includes(id))
        .map(({ id, name }) => ({ id, name, reason: { kind: 'left out by you' } as const })),
    ],
  };
  const problem = problemOf(request, wished);
  if (isKeen(request, problem)) return none;

  const found = withWishes(problem, request, ownLadder);
  const priced = hasWishes(ownLadder) && (request.priceWishes ?? true);
  const best = priced ? chosen({ ...problem, abrasives: fitting }, request) : found;
  const missingStone =
    (request.missingStone ?? true)
      ? helpfulStone({ problem, owned: sorted(face, request.owned ?? []).fitting, found: best })
      : null;
  if (!found) return { ...none, outcome: 'out of reach', missingStone };
  // A sequence that the person chose is told of where it hardly hops.
  const isChosen = ownLadder.sequence !== null && !found.wishesFailed;
  const shown = isChosen ? { ...problem, bySchool: false } : problem;
  return {
    ...none,
    ...described(shown, found.path, request.target, missingStone),
    outcome: 'planned',
    firstStones: found.byFirst.map(firstStone),
    quickest: compared(found.path, (priced ? best : null)?.path ?? found.quickest),
    wishesFailed: found.wishesFailed,
    missingStone,
  };
}

/** The abrasives that fit a face, coarse to fine, and why the others do not. */
function sorted(face: WorkingFace, abrasives: readonly LadderAbrasive[]) {
  const leftOut: Ladder['leftOut'] = [];
  const flatFirst =
    isHardSteel(face) &&
    abrasives.some((each) => isFlatStrop(each) && whyUnfit(each, face) === null);
  const fitting = abrasives.filter((abrasive) => {
    const hangs = flatFirst && abrasive.kind === 'strop' && !isFlatStrop(abrasive);
    const reason = whyUnfit(abrasive, face) ?? (hangs ? HANGS : null);
    if (reason) leftOut.push({ id: abrasive.id, name: abrasive.name, reason });
    return !reason;
  });
  return { fitting: fitting.sort(inOrder), leftOut };
}

const HANGS = { kind: 'hanging strop on hard steel' } as const;

/** Steel so hard, or so rich in vanadium, that what gives way rounds it before the burr is off. */
function isHardSteel({ hardnessHrc, carbide }: WorkingFace): boolean {
  return hardnessHrc >= PRIORS.hardSteelHrc.value || carbide === 'vanadium-rich';
}

/** Cloth or leather that lies flat on something hard. */
function isFlatStrop(abrasive: LadderAbrasive): boolean {
  if (abrasive.kind !== 'strop') return false;
  const lies = abrasive.form !== 'belt' && abrasive.form !== 'hanging-strop';
  return lies && (abrasive.backing === 'hard' || abrasive.backing === 'leather-on-wood');
}

function problemOf(request: LadderRequest, abrasives: readonly LadderAbrasive[]): LadderProblem {
  const { zone: face, condition, target, pace = DEFAULT_PACE } = request;
  const way =
    request.damageWay ?? usualDamageWay({ face, depthMm: condition.damageDepthMm, where: 'bench' });
  return {
    face,
    condition,
    parts: workedParts(face, condition, way),
    goal: {
      apexUm: target.apexRadiusUm,
      finishUm: target.finishSizeUm ?? sizeForFinishUm(target),
      strop: face.practice.stropAtEnd,
    },
    abrasives,
    required: [],
    stoneOwned: [...abrasives, ...sorted(face, request.owned ?? []).fitting].some(isStone),
    bySchool: true,
    hand: { pace, learned: request.calibration ?? UNTAUGHT_HAND },
  };
}

function isStone(abrasive: LadderAbrasive): boolean {
  return abrasive.kind === 'stone' && abrasive.form !== 'file';
}

function isKeen({ condition, target, evenIfKeen }: LadderRequest, { parts }: LadderProblem) {
  const damaged = parts.some(({ heavy }) => heavy?.task === 'grind out damage');
  return !evenIfKeen && !damaged && condition.apexRadiusUm <= target.apexRadiusUm;
}

interface Found extends ChosenLadder {
  wishesFailed: boolean;
}

function hasWishes({ leftOut, required, sequence, startsWith }: OwnLadder): boolean {
  return leftOut.length + required.length > 0 || sequence !== null || startsWith !== null;
}

/** The ladder as the person wants it; the plan's own, and so marked, where that cannot be walked. */
function withWishes(
  problem: LadderProblem,
  request: LadderRequest,
  wishes: OwnLadder,
): Found | null {
  if (wishes.sequence) {
    const path = walked(problem, wishes.sequence);
    if (path) return { path, quickest: path, byFirst: [], wishesFailed: false };
  } else {
    const { required, startsWith } = wishes;
    const found = chosen({ ...problem, required }, request, startsWith);
    if (found) return found;
  }
  const free = chosen(problem, request);
  return free && { ...free, wishesFailed: true };
}

function chosen(
  problem: LadderProblem,
  { stropAlone = true }: LadderRequest,
  startsWith: string | null = null,
): Found | null {
  const strop = stropAlone && startsWith === null ? chooseStrop(problem) : null;
  if (strop) return { path: strop, quickest: strop, byFirst: [], wishesFailed: false };
  const graph = ladderGraph(problem);
  const goal = reachableGoal(problem, graph);
  const found = goal && chooseStone({ ...problem, goal }, graph, startsWith);
  return found && { ...found, wishesFailed: false };
}

/** Exactly these abrasives, coarse to fine; null where one may not follow the one before it. */
function walked(problem: LadderProblem, ids: readonly string[]): LadderPath | null {
  const goal: LadderGoal = { ...problem.goal, strop: false };
  const own = { ...problem, goal, bySchool: false };
  const order = problem.abrasives.filter(({ id }) => ids.includes(id)).sort(inOrder);
  const arcs: LadderArc[] = [];
  for (const abrasive of order) {
    const arc = arcTo(own, arcs.at(-1)?.to ?? null, abrasive);
    if (!arc) return null;
    arcs.push(arc);
  }
  if (arcs.length === 0) return null;
  return { arcs, minutes: sum(arcs, ({ work }) => work.minutes) };
}

function described(
  problem: LadderProblem,
  { arcs, minutes }: LadderPath,
  target: EdgeTarget,
  missingStone: Ladder['missingStone'],
) {
  const steps = closedLightly(
    problem,
    arcs.map((arc, i) => describeArc(problem, arc, arcs[i - 1], missingStone)),
  );
  const { lastStone, apexRadiusUm } = arcs.at(-1)!.to;
  return {
    steps,
    minutes,
    ...span(steps),
    apexRadiusUm,
    shortOf: {
      apex: !isReached(apexRadiusUm, target.apexRadiusUm),
      finish: lastStone !== null && lastStone.sizeUm > FINISH_WITHIN * problem.goal.finishUm,
    },
  };
}

/** A last stone that was pressed hard is closed by light strokes, where its keeper does not shear the burr anyway. */
function closedLightly({ face }: LadderProblem, steps: LadderStep[]): LadderStep[] {
  const last = steps.findLastIndex(({ abrasive }) => abrasive.kind === 'stone');
  const { stoneForceLimitN, deburrStrokes } = face.practice;
  if (deburrStrokes.first > 0 || stoneForceLimitN < PRIORS.heavyForceN.value) return steps;
  return steps.map((step, i) =>
    i === last && step.forceN === PRIORS.heavyForceN.value
      ? { ...step, notes: [...step.notes, CLOSE_IT] }
      : step,
  );
}

const CLOSE_IT = {
  kind: 'close it lightly',
  strokesPerSide: PRIORS.closingStrokes.value,
  forceN: PRIORS.inHandForceN.value,
} as const;

/** A finish is met within this share of what the work likes. */
const FINISH_WITHIN = PRIORS.finishWithin.value;

/** Whether an apex is what was asked for: within 1.25 times it, or passing the same test. */
function isReached(apexUm: number, targetUm: number): boolean {
  const sameTest = passedTest({ apexRadiusUm: apexUm }) === passedTest({ apexRadiusUm: targetUm });
  return sameTest || apexUm <= KEEN_UP_TO * targetUm;
}

/** The span of a plan's minutes: each step's own. */
export function span(steps: readonly Pick<LadderStep, 'minutesLow' | 'minutesHigh'>[]) {
  return {
    minutesLow: sum(steps, ({ minutesLow }) => minutesLow),
    minutesHigh: sum(steps, ({ minutesHigh }) => minutesHigh),
  };
}

function firstStone({ arcs, minutes }: LadderPath): Ladder['firstStones'][number] {
  const { id, sizeUm } = arcs[0]!.to.last;
  const steelMm3 = sum(arcs, ({ work }) => work.volumeMm3);
  return { id, sizeUm, minutes, steelMm3 };
}

function compared(path: LadderPath, best: LadderPath): Ladder['quickest'] {
  const names = ({ arcs }: LadderPath): string[] => arcs.map(({ to }) => to.last.name);
  const same = names(path).join() === names(best).join();
  return same ? null : { minutes: best.minutes, names: names(best) };
}

function describeArc(
  { face, hand, condition, bySchool, required }: LadderProblem,
  { to, work }: LadderArc,
  before: LadderArc | undefined,
  missingStone: Ladder['missingStone'],
): LadderStep {
  const { last } = to;
  const family = last.kind === 'stone' ? last.family : last.surface;
  return describeStep({
    face,
    abrasive: last,
    work: { ...work, apexRadiusUm: to.apexRadiusUm },
    learned: strokesLearned(hand.learned, { id: last.id, family }),
    apexUm: before ? null : condition.apexRadiusUm,
    jumpRatio: before ? before.to.last.sizeUm / last.sizeUm : null,
    isWished: !bySchool || required.includes(last.id),
    lubricantBefore: before && before.to.last.kind === 'stone' ? before.to.last.lubricant : null,
    missingStone,
  });
}
