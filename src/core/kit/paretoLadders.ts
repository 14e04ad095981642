import {
  arcsFrom,
  reaches,
  stateKey,
  stepWaterMl,
  type LadderState,
  ladderGraph,
  reachableGoal,
  usualDamageWay,
  whyUnfit,
  workedParts,
  type LadderProblem,
  chooseStrop,
} from '../ladder';
import type { KitNeed, KitProblem, NeedWay } from './types';
import { findHone } from '../jobs';
import { KEEN_UP_TO } from '../sharpness';

/** One way to serve a need that no other betters: the things it takes, and how long it is. */
export interface KitLabel {
  /** Indices of the items that have to be carried for it, rising; what weighs nothing is left out. */
  items: readonly number[];
  minutes: number;
  waterMl: number;
  /** Ids of the faces in their order. */
  things: readonly string[];
}

/** Ways closer than this (min) are the same. */
const SAME_MINUTES = 1e-9;

/**
 * The Pareto set of ways to serve a need, by items carried and minutes: labels go through the states of
 * its ladder, and one is dropped where another takes no more things and no more time. `counted` gives
 * the index of each item that weighs something; `isAllowed` says which items this need may take.
 */
export function paretoLadders(
  problem: KitProblem,
  need: KitNeed,
  counted: ReadonlyMap<string, number>,
  isAllowed: (itemId: string) => boolean,
): KitLabel[] {
  const takes = itemSets(problem, counted, isAllowed);
  const abrasives = problem.abrasives.filter(({ abrasive }) => takes.get(abrasive.id)!.length > 0);
  const ladder = needProblem({ ...problem, abrasives }, need);
  const limit = problem.minutesPerTouchUp;
  const done: KitLabel[] = [];
  const labels = new Map<string, KitLabel[]>();
  const start: KitLabel = { items: [], minutes: 0, waterMl: 0, things: [] };
  // Arcs lead to ever finer abrasives: depth first gives an order in which no state comes too early.
  for (const { state, arcs } of inOrder(ladder)) {
    const here = state ? (labels.get(stateKey(state)) ?? []) : [start];
    for (const { to, work } of arcs) {
      const reached = reaches(ladder, to) ? done : bucket(labels, stateKey(to));
      for (const label of here) {
        const minutes = label.minutes + work.minutes;
        if (minutes > limit) continue;
        for (const items of takes.get(to.last.id)!) {
          keep(reached, {
            items: union(label.items, items),
            minutes,
            waterMl: label.waterMl + stepWaterMl(to.last),
            things: [...label.things, to.last.id],
          });
        }
      }
    }
  }
  const alone = [...honeWays({ ...problem, abrasives }, need), ...stropWays(ladder, need)];
  for (const { things, minutes } of alone) {
    if (minutes > limit) continue;
    for (const items of takes.get(things[0]!.id)!) {
      keep(done, { items, minutes, waterMl: 0, things: things.map(({ id }) => id) });
    }
  }
  return done.sort((a, b) => a.minutes - b.minutes);
}

/** For each abrasive the sets of items that let it be used: one for every lubricant that would do. */
function itemSets(
  { abrasives }: KitProblem,
  counted: ReadonlyMap<string, number>,
  isAllowed: (itemId: string) => boolean,
): Map<string, number[][]> {
  const indices = (ids: readonly string[]): number[] =>
    ids.flatMap((id) => counted.get(id) ?? []).sort((a, b) => a - b);
  return new Map(
    abrasives.map(({ abrasive, needsAll, needsOneOf }) => {
      if (!needsAll.every(isAllowed)) return [abrasive.id, []];
      const base = indices(needsAll);
      if (needsOneOf === null) return [abrasive.id, [base]];
      const others = needsOneOf.filter(isAllowed);
      if (others.some((id) => !counted.has(id))) return [abrasive.id, [base]];
      return [abrasive.id, others.map((id) => union(base, indices([id])))];
    }),
  );
}

/** States with the arcs out of them, each after all that lead to it. */
function inOrder(ladder: ReturnType<typeof needProblem>) {
  const order: { state: LadderState | null; arcs: ReturnType<typeof arcsFrom> }[] = [];
  const seen = new Set<string>();
  const visit = (state: LadderState | null): void => {
    const arcs = arcsFrom(ladder, state);
    for (const { to } of arcs) {
      const key = stateKey(to);
      if (seen.has(key) || reaches(ladder, to)) continue;
      seen.add(key);
      visit(to);
    }
    order.push({ state, arcs });
  };
  visit(null);
  return order.reverse();
}

function bucket(labels: Map<string, KitLabel[]>, key: string): KitLabel[] {
  const found = labels.get(key) ?? [];
  labels.set(key, found);
  return found;
}

/** Adds a label unless another takes no more things and no more time; drops those that it betters. */
function keep(labels: KitLabel[], label: KitLabel): void {
  for (const other of labels) {
    if (other.minutes <= label.minutes + SAME_MINUTES && isSubset(other.items, label.items)) return;
  }
  for (let i = labels.length - 1; i >= 0; i -= 1) {
    const other = labels[i]!;
    if (label.minutes <= other.minutes && isSubset(label.items, other.items)) labels.splice(i, 1);
  }
  labels.push(label);
}

function isSubset(part: readonly number[], whole: readonly number[]): boolean {
  let i = 0;
  for (const item of whole) if (i < part.length && part[i] === item) i += 1;
  return i === part.length;
}

function union(a: readonly number[], b: readonly number[]): number[] {
  return [...new Set([...a, ...b])].sort((x, y) => x - y);
}

/**
 * The ladder problem of one need with all abrasives that fit it. How keen it has to come out is decided once,
 * by everything that there is to choose from: a kit with one thing more is asked for no more than that.
 */
export function needProblem(
  problem: Pick<KitProblem, 'abrasives' | 'hand'>,
  need: Pick<KitNeed, 'face' | 'condition' | 'target'>,
): LadderProblem {
  const { face, condition, target } = need;
  const way = usualDamageWay({ face, depthMm: condition.damageDepthMm, where: 'field' });
  const ladder: LadderProblem = {
    face,
    condition,
    parts: workedParts(face, condition, way),
    goal: { apexUm: target.apexRadiusUm, finishUm: target.finishSizeUm, strop: false },
    hand: problem.hand,
    required: [],
    stoneOwned: true,
    bySchool: true,
    abrasives: problem.abrasives
      .map(({ abrasive }) => abrasive)
      .filter((abrasive) => whyUnfit(abrasive, face) === null),
  };
  const goal = reachableGoal(ladder, ladderGraph(ladder));
  return goal ? { ...ladder, goal } : ladder;
}

/**
 * The hones that serve a need, each by itself: the edge has only turned, and what is left under it is
 * keen enough. None where there is a chip, as a hone takes no steel.
 */
function honeWays(
  problem: Pick<KitProblem, 'abrasives' | 'hand'>,
  need: Pick<KitNeed, 'face' | 'condition' | 'target'>,
): NeedWay[] {
  const { face, condition, target } = need;
  if (condition.damageDepthMm > 0) return [];
  return problem.abrasives.flatMap(({ abrasive }) => {
    const plan = findHone({
      face,
      targetApexUm: target.apexRadiusUm,
      apexRadiusUm: condition.apexRadiusUm,
      keenRadiusUm: condition.keenRadiusUm ?? null,
      abrasives: [abrasive],
      hand: problem.hand,
    });
    const serves =
      plan.outcome === 'planned' && plan.apexRadiusUm <= KEEN_UP_TO * target.apexRadiusUm;
    return serves ? [{ things: [abrasive], minutes: plan.minutes }] : [];
  });
}

/** The strops that serve a need, each by itself, as far as a plan would take them alone. */
function stropWays(ladder: LadderProblem, { target }: Pick<KitNeed, 'target'>): NeedWay[] {
  const goal = { ...ladder.goal, apexUm: target.apexRadiusUm };
  return ladder.abrasives.flatMap((strop) => {
    const alone = chooseStrop({ ...ladder, goal, abrasives: [strop] });
    return alone ? [{ things: [strop], minutes: alone.minutes }] : [];
  });
}
