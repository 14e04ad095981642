import { KEEN_UP_TO } from '../sharpness';
import {
  ladderSolver,
  quickest,
  reaches,
  stateKey,
  type LadderGoal,
  type LadderGraph,
  type LadderPath,
  type LadderProblem,
  type LadderState,
} from './shortestLadder';
import { stropAloneWork } from './stropWork';

/** A finer first stone is chosen as long as it costs no more than this over the quickest … */
const FINER_COSTS_MINUTES = 1;
/** … or this share of it. */
const FINER_COSTS_SHARE = 1.2;
/** Stropping alone for longer than this (minutes) is no lighter than a stone. */
const LONGEST_STROPPING_MINUTES = 5;

export interface ChosenLadder {
  path: LadderPath;
  /** The quickest of all; the same where it was chosen. */
  quickest: LadderPath;
  /** For every first abrasive its quickest ladder. */
  byFirst: LadderPath[];
}

/** The quickest strop alone that does it within five minutes; a test is no finer than 1.25 of the goal. */
export function chooseStrop(problem: LadderProblem): LadderPath | null {
  const { face, condition, parts, goal, required, hand, abrasives } = problem;
  if (required.length > 0 || parts.some(({ heavy }) => heavy !== null)) return null;
  const target = { apexRadiusUm: goal.apexUm, acceptedUm: KEEN_UP_TO * goal.apexUm };
  const ways = abrasives.flatMap((strop): LadderPath[] => {
    if (strop.kind !== 'strop') return [];
    const alone = stropAloneWork(face, strop, condition, target, hand);
    if (!alone || alone.work.minutes > LONGEST_STROPPING_MINUTES) return [];
    const { work, edge } = alone;
    const { apexRadiusUm } = work;
    const to = { last: strop, lastStone: null, strops: [strop.id], edge, apexRadiusUm };
    return [{ minutes: work.minutes, arcs: [{ to, work }] }];
  });
  return quickest(ways);
}

/**
 * Among stones a rung is a first abrasive with its quickest onward ladder, and the finest is the
 * lightest: the finest that costs at most a minute, or a fifth, more than the quickest.
 */
export function chooseStone(
  problem: LadderProblem,
  graph: LadderGraph,
  startsWith: string | null,
): ChosenLadder | null {
  const byFirst = ladderSolver(problem, graph)
    .byFirst()
    .filter(({ arcs }) => arcs[0]!.to.last.kind === 'stone');
  const open = byFirst.filter(
    ({ arcs }) => startsWith === null || arcs[0]!.to.last.id === startsWith,
  );
  const best = quickest(open);
  if (!best) return null;
  const most = Math.max(best.minutes + FINER_COSTS_MINUTES, FINER_COSTS_SHARE * best.minutes);
  const sizeOf = ({ arcs }: LadderPath): number => arcs[0]!.to.last.sizeUm;
  const finest = Math.min(
    ...open.filter(({ minutes }) => minutes <= most).map((path) => sizeOf(path)),
  );
  const path = quickest(open.filter((each) => sizeOf(each) === finest))!;
  return { path, quickest: best, byFirst };
}

/**
 * The goal as far as the things at hand reach it: the apex, or 1.25 times it, or else the finest that
 * any of them ends at; on a last stone as fine as asked for, or the finest there is; closed by a strop
 * where one can follow. Null where nothing at hand works the edge.
 */
export function reachableGoal(problem: LadderProblem, graph: LadderGraph): LadderGoal | null {
  const { goal } = problem;
  const ends = reachableStates(problem, graph).filter(({ lastStone }) => lastStone !== null);
  if (ends.length === 0) return null;
  const finestUm = Math.min(...ends.map(({ lastStone }) => lastStone!.sizeUm));
  const finishUm = Math.max(goal.finishUm, finestUm);
  const finished = ends.filter(({ lastStone }) => lastStone!.sizeUm <= finishUm);
  const closed = finished.filter(({ last }) => last.kind === 'strop');
  const strop = goal.strop && closed.length > 0;
  const radii = (strop ? closed : finished).map(({ apexRadiusUm }) => apexRadiusUm);
  const finest = Math.min(...radii);
  const apexUm =
    [goal.apexUm, KEEN_UP_TO * goal.apexUm].find((radiusUm) => finest <= radiusUm) ?? finest;
  return { apexUm, finishUm, strop };
}

/** Every state that some ladder of the things at hand comes through, and may end at. */
function reachableStates(problem: LadderProblem, graph: LadderGraph): LadderState[] {
  const found = new Map<string, LadderState>();
  const open: (LadderState | null)[] = [null];
  while (open.length > 0) {
    const from = open.pop()!;
    for (const { to } of graph.from(from)) {
      const key = stateKey(to);
      if (found.has(key)) continue;
      found.set(key, to);
      open.push(to);
    }
  }
  const anyEnd = { apexUm: Infinity, finishUm: Infinity, strop: false };
  return [...found.values()].filter((state) => reaches({ ...problem, goal: anyEnd }, state));
}
