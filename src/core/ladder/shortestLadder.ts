import type { StropStart } from '../sharpness';
import {
  finerStoneWork,
  firstStoneWork,
  stoneFinishUm,
  type AbrasiveWork,
  type Hand,
} from './stoneWork';
import { afterStone, afterStrop, closingStropWork, stropAloneWork } from './stropWork';
import type { EdgeCondition, LadderAbrasive, LadderStone, LadderStrop, WorkingFace } from './types';
import type { WorkedPart } from './workedParts';

/** A finer abrasive must be smaller by this factor to be worth a step at all. */
const LEAST_JUMP = 1.1;
/** Ladders closer than this in minutes are told apart by their steps. */
const TIE_MINUTES = 1e-9;

/** What ends a ladder. */
export interface LadderGoal {
  apexUm: number;
  /** Size of the last stone, at most. */
  finishUm: number;
  /** Whether a strop has to be the last thing. */
  strop: boolean;
}

/** A problem of the ladder: abrasives are those that fit the face. */
export interface LadderProblem {
  face: WorkingFace;
  condition: EdgeCondition;
  /** The edge in the parts that its damage asks for. */
  parts: readonly WorkedPart[];
  goal: LadderGoal;
  abrasives: readonly LadderAbrasive[];
  /** Ids of abrasives that have to be used. */
  required: readonly string[];
  /** Whether a stone is owned that fits: a file is then never followed by a strop alone. */
  stoneOwned: boolean;
  /** Whether the grit steps of the keeper's school bind; not where the person sets the sequence. */
  bySchool: boolean;
  hand: Hand;
}

/** One place on the way: what was used last, the last stone, whose scratches remain, and the edge. */
export interface LadderState {
  last: LadderAbrasive;
  lastStone: LadderStone | null;
  /** The strops since the last stone, by id. */
  strops: readonly string[];
  edge: Required<StropStart>;
  apexRadiusUm: number;
}

/** One arc of the graph: the state that using an abrasive leads to, and the work it costs. */
export interface LadderArc {
  to: LadderState;
  work: AbrasiveWork;
}

/** A whole way from the present edge to its goal. */
export interface LadderPath {
  minutes: number;
  arcs: LadderArc[];
}

/** Arcs out of `from`, or out of the present edge when it is null. */
export function arcsFrom(problem: LadderProblem, from: LadderState | null): LadderArc[] {
  return problem.abrasives.flatMap((abrasive) => arcTo(problem, from, abrasive) ?? []);
}

/** The arcs of a problem, each state's worked out once; they do not depend on the goal of a stone. */
export interface LadderGraph {
  from(state: LadderState | null): LadderArc[];
}

export function ladderGraph(problem: LadderProblem): LadderGraph {
  const known = new Map<string, LadderArc[]>();
  return {
    from(state) {
      const key = state ? stateKey(state) : '';
      const arcs = known.get(key) ?? arcsFrom(problem, state);
      known.set(key, arcs);
      return arcs;
    },
  };
}

/** Whether the goal is reached at a state. */
export function reaches({ goal, required, abrasives }: LadderProblem, state: LadderState): boolean {
  const { last, lastStone, apexRadiusUm } = state;
  return (
    apexRadiusUm <= goal.apexUm &&
    (lastStone === null || lastStone.sizeUm <= goal.finishUm) &&
    (!goal.strop || last.kind === 'strop') &&
    !isPassedOver(abrasives, required, last, null)
  );
}

/** Answers about one ladder problem that share their work. */
export interface LadderSolver {
  /** The quickest ladder, or null where none reaches the goal. */
  best(): LadderPath | null;
  /** For every first abrasive its quickest ladder, as far as there is one. */
  byFirst(): LadderPath[];
  /** Minutes of the quickest ladder through one more stone; `Infinity` where there is none. */
  minutesThrough(stone: LadderStone): number;
}

/** The quickest ladder from the present edge to the goal, or null where none reaches it. */
export function shortestLadder(problem: LadderProblem): LadderPath | null {
  return ladderSolver(problem).best();
}

/**
 * Backward shortest paths over an acyclic graph (every arc leads to a finer abrasive), each state
 * solved once. Ties: fewer steps, coarser first, then id, so the same inputs give the same ladder.
 */
export function ladderSolver(
  problem: LadderProblem,
  graph: LadderGraph = ladderGraph(problem),
): LadderSolver {
  const stones = problem.abrasives.filter((abrasive) => abrasive.kind === 'stone');
  const onward = new Map<string, LadderPath | null>();
  const inward = new Map<string, { minutes: number; state: LadderState } | null>();

  const bestFrom = (state: LadderState): LadderPath | null => {
    if (reaches(problem, state)) return { minutes: 0, arcs: [] };
    const key = stateKey(state);
    const known = onward.get(key);
    if (known !== undefined) return known;
    const best = quickest(graph.from(state).flatMap((arc) => through(arc) ?? []));
    onward.set(key, best);
    return best;
  };
  const through = (arc: LadderArc): LadderPath | null => {
    const rest = bestFrom(arc.to);
    return rest && { minutes: arc.work.minutes + rest.minutes, arcs: [arc, ...rest.arcs] };
  };
  const byFirst = (): LadderPath[] => graph.from(null).flatMap((arc) => through(arc) ?? []);

  /** The quickest way from the present edge to a stone, which need not be at hand. */
  const bestTo = (stone: LadderStone): { minutes: number; state: LadderState } | null => {
    const known = inward.get(stone.id);
    if (known !== undefined) return known;
    const first = arcTo(problem, null, stone);
    let best = first && { minutes: first.work.minutes, state: first.to };
    for (const coarser of stones) {
      if (!isStep(problem, coarser, stone)) continue;
      const there = bestTo(coarser);
      const arc = there && arcTo(problem, there.state, stone);
      if (arc && (!best || there.minutes + arc.work.minutes < best.minutes)) {
        best = { minutes: there.minutes + arc.work.minutes, state: arc.to };
      }
    }
    inward.set(stone.id, best);
    return best;
  };

  return {
    best: () => quickest(byFirst()),
    byFirst,
    minutesThrough(stone) {
      const there = bestTo(stone);
      const rest = there && bestFrom(there.state);
      return rest ? there.minutes + rest.minutes : Infinity;
    },
  };
}

/** The first of some paths in their order; null of none. */
export function quickest(paths: readonly LadderPath[]): LadderPath | null {
  return paths.reduce<LadderPath | null>(
    (best, next) => (best && comparePaths(best, next) <= 0 ? best : next),
    null,
  );
}

/** Order of paths: minutes, number of steps, coarser first, then id. */
export function comparePaths(a: LadderPath, b: LadderPath): number {
  const minutes = a.minutes - b.minutes;
  if (Math.abs(minutes) > TIE_MINUTES) return minutes;
  const steps = a.arcs.length - b.arcs.length;
  if (steps !== 0) return steps;
  for (const [i, arc] of a.arcs.entries()) {
    const other = b.arcs[i]!;
    const coarser = other.to.last.sizeUm - arc.to.last.sizeUm;
    if (coarser !== 0) return coarser;
    if (arc.to.last.id !== other.to.last.id) return arc.to.last.id < other.to.last.id ? -1 : 1;
  }
  return 0;
}

/** What tells states apart: the last stone, and the strops since. */
export function stateKey({ lastStone, strops }: LadderState): string {
  return [lastStone?.id ?? '', ...strops].join('>');
}

/** The arc to one abrasive; null where it may not follow, or does not do the work. */
export function arcTo(
  problem: LadderProblem,
  from: LadderState | null,
  abrasive: LadderAbrasive,
): LadderArc | null {
  const { abrasives, required } = problem;
  if (isPassedOver(abrasives, required, from?.last ?? null, abrasive)) return null;
  return abrasive.kind === 'stone'
    ? stoneArc(problem, from, abrasive)
    : stropArc(problem, from, abrasive);
}

function stoneArc(
  problem: LadderProblem,
  from: LadderState | null,
  stone: LadderStone,
): LadderArc | null {
  const { face, parts, condition, hand } = problem;
  if (from && (from.last.kind === 'strop' || !isStep(problem, from.last, stone))) return null;
  const work = from
    ? finerStoneWork(face, stone, parts, from.last.sizeUm, hand)
    : firstStoneWork(face, stone, parts, condition, hand);
  if (!work) return null;
  const apexRadiusUm = stoneFinishUm(face, stone);
  const edge = { keenUm: apexRadiusUm, burrUm: 0, roundingUm: 0 };
  return { work, to: { last: stone, lastStone: stone, strops: [], edge, apexRadiusUm } };
}

function stropArc(
  problem: LadderProblem,
  from: LadderState | null,
  strop: LadderStrop,
): LadderArc | null {
  const { face, condition, goal, parts, hand } = problem;
  if (!from) {
    if (parts.some(({ heavy }) => heavy !== null)) return null;
    const target = { apexRadiusUm: goal.apexUm, acceptedUm: goal.apexUm };
    const alone = stropAloneWork(face, strop, condition, target, hand);
    return alone && stropped(strop, null, [], alone);
  }
  const { lastStone, last, strops } = from;
  if (!finer(strop, last) || isFileFollowed(problem, last)) return null;
  if (last.kind === 'stone') {
    const start = afterStone(last, from.apexRadiusUm, strop);
    return stropped(strop, last, strops, closingStropWork(face, strop, start, hand));
  }
  const keenUm = lastStone
    ? afterStone(lastStone, from.apexRadiusUm, strop).keenUm
    : from.edge.keenUm;
  const start = afterStrop(from.edge, keenUm);
  return stropped(strop, lastStone, strops, closingStropWork(face, strop, start, hand));
}

function stropped(
  strop: LadderStrop,
  lastStone: LadderStone | null,
  strops: readonly string[],
  { work, edge }: ReturnType<typeof closingStropWork>,
): LadderArc {
  const { apexRadiusUm } = work;
  return {
    work,
    to: { last: strop, lastStone, strops: [...strops, strop.id], edge, apexRadiusUm },
  };
}

/** A file leaves too much behind for a strop alone. */
function isFileFollowed({ stoneOwned, bySchool }: LadderProblem, last: LadderAbrasive): boolean {
  return bySchool && stoneOwned && last.kind === 'stone' && last.form === 'file';
}

/** Whether a stone may follow another: fine enough, and a jump that the keeper makes. */
function isStep(
  { face: { practice }, bySchool }: LadderProblem,
  last: LadderAbrasive,
  next: LadderStone,
): boolean {
  if (!finer(next, last)) return false;
  const jump = last.sizeUm / next.sizeUm;
  return (
    !bySchool || (!practice.singleStone && jump >= practice.leastJump && jump <= practice.mostJump)
  );
}

function finer(next: LadderAbrasive, last: LadderAbrasive): boolean {
  return next.sizeUm < last.sizeUm / LEAST_JUMP;
}

/** Whether a required abrasive lies between two others, or before the first or after the last (null). */
function isPassedOver(
  abrasives: readonly LadderAbrasive[],
  required: readonly string[],
  after: LadderAbrasive | null,
  before: LadderAbrasive | null,
): boolean {
  if (required.length === 0) return false;
  return abrasives.some(
    (abrasive) =>
      required.includes(abrasive.id) &&
      (!after || inOrder(after, abrasive) < 0) &&
      (!before || inOrder(abrasive, before) < 0),
  );
}

/** The order in which abrasives can follow each other: stones before strops, coarse to fine, then id. */
export function inOrder(a: LadderAbrasive, b: LadderAbrasive): number {
  if (a.kind !== b.kind) return a.kind === 'stone' ? -1 : 1;
  return b.sizeUm - a.sizeUm || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);
}
