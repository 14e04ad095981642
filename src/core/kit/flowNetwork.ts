import {
  arcsFrom,
  reaches,
  stateKey,
  usualDamageWay,
  whyUnfit,
  workedParts,
  type LadderProblem,
  type LadderState,
} from '../ladder';
import { KEEN_UP_TO } from '../sharpness';
import type { KitNeed, KitProblem } from './types';

/** One arc of a need's ladder graph, from node to node; the target is `TARGET`. */
export interface FlowArc {
  name: string;
  from: string;
  to: string;
  minutes: number;
  abrasiveId: string;
}

export const SOURCE = 'source';
export const TARGET = 'target';

/** The ladder problem of one need with all abrasives that fit it. */
export function needProblem(problem: KitProblem, need: KitNeed): LadderProblem {
  const { face, condition, target } = need;
  const way = usualDamageWay({ face, depthMm: condition.damageDepthMm, where: 'field' });
  return {
    face,
    condition,
    parts: workedParts(face, condition, way),
    goal: { apexUm: KEEN_UP_TO * target.apexRadiusUm, finishUm: target.finishSizeUm, strop: false },
    hand: problem.hand,
    required: [],
    stoneOwned: true,
    bySchool: true,
    abrasives: problem.abrasives
      .map(({ abrasive }) => abrasive)
      .filter((abrasive) => whyUnfit(abrasive, face) === null),
  };
}

/** Every arc on some way of at most `minutesPerTouchUp` from the present edge to the target. */
export function flowNetwork(problem: KitProblem, need: KitNeed, index: number): FlowArc[] {
  const ladder = needProblem(problem, need);
  const limit = problem.minutesPerTouchUp;
  const arcs: FlowArc[] = [];
  const seen = new Set([SOURCE]);
  const open: (LadderState | null)[] = [null];
  while (open.length > 0) {
    const state = open.pop()!;
    for (const { to, work } of arcsFrom(ladder, state)) {
      if (work.minutes > limit) continue;
      const done = reaches(ladder, to);
      const target = done ? TARGET : nodeName(to);
      arcs.push({
        name: `f${index}_${arcs.length}`,
        from: nodeName(state),
        to: target,
        minutes: work.minutes,
        abrasiveId: to.last.id,
      });
      if (!done && !seen.has(target)) {
        seen.add(target);
        open.push(to);
      }
    }
  }
  return withinLimit(arcs, limit);
}

function nodeName(state: LadderState | null): string {
  return state ? stateKey(state) : SOURCE;
}

/** Drops arcs that lie on no way within the limit: quickest way in, arc, quickest way out. */
function withinLimit(arcs: FlowArc[], limit: number): FlowArc[] {
  const there = quickest(arcs, SOURCE, ({ from, to }) => [from, to]);
  const onward = quickest(arcs, TARGET, ({ from, to }) => [to, from]);
  return arcs.filter(
    ({ from, to, minutes }) =>
      (there.get(from) ?? Infinity) + minutes + (onward.get(to) ?? Infinity) <= limit,
  );
}

/** Minutes of the slowest way from the present edge to the target. */
export function slowestWay(arcs: FlowArc[]): number {
  const negated = arcs.map((arc) => ({ ...arc, minutes: -arc.minutes }));
  return -(quickest(negated, SOURCE, ({ from, to }) => [from, to]).get(TARGET) ?? 0);
}

/** Quickest minutes to every node from `start`, by relaxation over the small acyclic graph. */
function quickest(
  arcs: FlowArc[],
  start: string,
  ends: (arc: FlowArc) => [string, string],
): Map<string, number> {
  const minutes = new Map([[start, 0]]);
  let changed = true;
  while (changed) {
    changed = false;
    for (const arc of arcs) {
      const [a, b] = ends(arc);
      const reached = (minutes.get(a) ?? Infinity) + arc.minutes;
      if (reached < (minutes.get(b) ?? Infinity) - 1e-9) {
        minutes.set(b, reached);
        changed = true;
      }
    }
  }
  return minutes;
}
