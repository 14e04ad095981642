import type { Pace } from '../wear';
import { firstRemoval, scratchRemoval } from './removal';
import { stoneRung, stropAfterStone, stropAlone, type AbrasiveWork } from './rungs';
import type {
  EdgeCondition,
  EdgeTarget,
  LadderAbrasive,
  LadderStone,
  LadderStrop,
  WorkingFace,
} from './types';

/** A finer abrasive must be smaller by this factor to be worth a step at all. */
const LEAST_JUMP = 1.1;
/** Ladders closer than this in minutes are told apart by their steps. */
const TIE_MINUTES = 1e-9;

/** A problem of the ladder: abrasives are those that fit the face. */
export interface LadderProblem {
  face: WorkingFace;
  condition: EdgeCondition;
  target: EdgeTarget;
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}

/** One place on the way: what was used last, and the last stone, whose scratches remain. */
export interface LadderState {
  last: LadderAbrasive;
  lastStone: LadderStone | null;
  apexRadiusUm: number;
}

/** One arc of the graph: the state that using an abrasive leads to, and the work it costs. */
export interface LadderArc {
  to: LadderState;
  rung: AbrasiveWork;
}

/** A whole way from the present edge to its target. */
export interface LadderPath {
  minutes: number;
  arcs: LadderArc[];
}

/** Arcs out of `from`, or out of the present edge when it is null. */
export function arcsFrom(problem: LadderProblem, from: LadderState | null): LadderArc[] {
  return problem.abrasives.flatMap((abrasive) => arcTo(problem, from, abrasive) ?? []);
}

/** Whether the target is reached at a state. */
export function reaches(problem: LadderProblem, state: LadderState): boolean {
  return state.apexRadiusUm <= goalUm(problem);
}

/** The apex radius (µm) to end at: what is asked for, or finer where the keeper polishes. */
function goalUm({ face, target }: LadderProblem): number {
  return face.practice.targetShare * target.apexRadiusUm;
}

/** Answers about one ladder problem that share their work. */
export interface LadderSolver {
  /** The quickest ladder, or null where none reaches the target. */
  best(): LadderPath | null;
  /** Minutes of the quickest ladder through one more stone; `Infinity` where there is none. */
  minutesThrough(stone: LadderStone): number;
}

/**
 * The quickest ladder from the present edge to the target, or null where none reaches it.
 *
 * A backward shortest path over an acyclic graph (every arc leads to a finer abrasive), each state
 * solved once. Ties: fewer steps, coarser first, then id, so the same inputs give the same ladder.
 */
export function shortestLadder(problem: LadderProblem): LadderPath | null {
  return ladderSolver(problem).best();
}

export function ladderSolver(problem: LadderProblem): LadderSolver {
  const stones = problem.abrasives.filter((abrasive) => abrasive.kind === 'stone');
  const onward = new Map<string, LadderPath | null>();
  const inward = new Map<string, { minutes: number; state: LadderState } | null>();

  const bestFrom = (state: LadderState | null): LadderPath | null => {
    if (state && reaches(problem, state)) return { minutes: 0, arcs: [] };
    const key = state ? `${state.lastStone?.id ?? ''}>${state.last.id}` : '';
    const known = onward.get(key);
    if (known !== undefined) return known;
    let best: LadderPath | null = null;
    for (const arc of arcsFrom(problem, state)) {
      const rest = bestFrom(arc.to);
      if (!rest || (best && arc.rung.minutes + rest.minutes > best.minutes + TIE_MINUTES)) continue;
      const path = { minutes: arc.rung.minutes + rest.minutes, arcs: [arc, ...rest.arcs] };
      if (!best || comparePaths(path, best) < 0) best = path;
    }
    onward.set(key, best);
    return best;
  };

  /** The quickest way from the present edge to a stone, which need not be at hand. */
  const bestTo = (stone: LadderStone): { minutes: number; state: LadderState } | null => {
    const known = inward.get(stone.id);
    if (known !== undefined) return known;
    const first = arcTo(problem, null, stone);
    let best = first && { minutes: first.rung.minutes, state: first.to };
    for (const coarser of stones) {
      if (!isStep(problem.face, coarser, stone)) continue;
      const there = bestTo(coarser);
      const arc = there && arcTo(problem, there.state, stone);
      if (arc && (!best || there.minutes + arc.rung.minutes < best.minutes)) {
        best = { minutes: there.minutes + arc.rung.minutes, state: arc.to };
      }
    }
    inward.set(stone.id, best);
    return best;
  };

  return {
    best: () => bestFrom(null),
    minutesThrough(stone) {
      const there = bestTo(stone);
      const rest = there && bestFrom(there.state);
      return rest ? there.minutes + rest.minutes : Infinity;
    },
  };
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

function arcTo(
  problem: LadderProblem,
  from: LadderState | null,
  abrasive: LadderAbrasive,
): LadderArc | null {
  return abrasive.kind === 'stone'
    ? stoneArc(problem, from, abrasive)
    : stropArc(problem, from, abrasive);
}

function stoneArc(
  { face, condition, pace }: LadderProblem,
  from: LadderState | null,
  stone: LadderStone,
): LadderArc | null {
  if (from && (from.last.kind === 'strop' || !isStep(face, from.last, stone))) return null;
  const removal = from ? scratchRemoval(face, from.last.sizeUm) : firstRemoval(face, condition);
  // A file repairs; a merely dull apex does not need one.
  if (stone.form === 'file' && removal.task !== 'grind out damage') return null;
  const work = stoneRung(face, stone, removal, pace);
  if (!work) return null;
  const { first, later } = face.practice.deburrMinutes;
  const rung = { ...work, minutes: work.minutes + (from ? later : first) };
  return { rung, to: { last: stone, lastStone: stone, apexRadiusUm: rung.apexRadiusUm } };
}

function stropArc(
  problem: LadderProblem,
  from: LadderState | null,
  strop: LadderStrop,
): LadderArc | null {
  const { face, condition, pace } = problem;
  const targetUm = goalUm(problem);
  if (!from) {
    if (condition.damageDepthMm > 0) return null;
    const rung = stropAlone(face, strop, condition, targetUm, pace);
    return rung && { rung, to: { last: strop, lastStone: null, apexRadiusUm: rung.apexRadiusUm } };
  }
  if (!from.lastStone || !finer(strop, from.last)) return null;
  const start = { stoneSizeUm: from.lastStone.sizeUm, apexRadiusUm: from.apexRadiusUm };
  const rung = stropAfterStone(face, strop, start, targetUm, pace);
  return {
    rung,
    to: { last: strop, lastStone: from.lastStone, apexRadiusUm: rung.apexRadiusUm },
  };
}

/** Whether a stone may follow another: fine enough, and a jump that the keeper makes. */
function isStep({ practice }: WorkingFace, last: LadderAbrasive, next: LadderStone): boolean {
  const jump = last.sizeUm / next.sizeUm;
  return (
    !practice.singleStone &&
    finer(next, last) &&
    jump >= practice.leastJump &&
    jump <= practice.mostJump
  );
}

function finer(next: LadderAbrasive, last: LadderAbrasive): boolean {
  return next.sizeUm < last.sizeUm / LEAST_JUMP;
}
