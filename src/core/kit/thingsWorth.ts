import type { SharpnessTest } from '../../domain/terms';
import { findLadder, type Ladder, type LadderStone, type ShelfAbrasive } from '../ladder';
import { passedTest } from '../sharpness';
import type { RackRound, RoundNeed } from './types';

/** What one thing does for the edges of a rack, each brought to its target once. */
export interface ThingWorth {
  id: string;
  /** Minutes that all edges together take longer without it; below zero where it asks for its own. */
  savesMinutes: number;
  /** Edges whose plan takes it. */
  usedFor: string[];
  /** Edges that come to their finish with it and with nothing else. */
  onlyFor: string[];
  /** Edges that pass a finer test with it. */
  keenerOn: { edge: string; passes: SharpnessTest; otherwise: SharpnessTest }[];
}

/**
 * What each thing at hand adds: the plan of every edge with everything, against its plan without that
 * thing. What no plan takes adds nothing. `onProgress` hears the share done.
 */
export function thingsWorth(
  problem: RackRound,
  onProgress: (share: number) => void = () => {},
): ThingWorth[] {
  const worth = new Map(problem.items.map(({ id }) => [id, nothing(id)]));
  problem.needs.forEach((need, i) => {
    const plan = ladderFor(problem, need);
    for (const id of takenBy(problem, plan)) {
      const own = worth.get(id);
      if (own) count(own, need, plan, ladderFor(without(problem, id), need));
    }
    onProgress((i + 1) / problem.needs.length);
  });
  return [...worth.values()];
}

/** What a stone that is not at hand yet would add. */
export function candidateWorth(problem: RackRound, stone: LadderStone): ThingWorth {
  const own = nothing(stone.id);
  const added: ShelfAbrasive = { abrasive: stone, needsAll: [stone.id], needsOneOf: null };
  const wider = { ...problem, abrasives: [...problem.abrasives, added] };
  for (const need of problem.needs) {
    const plan = ladderFor(wider, need);
    const isTaken = plan.steps.some(({ abrasive }) => abrasive.id === stone.id);
    if (isTaken) count(own, need, plan, ladderFor(problem, need));
  }
  return own;
}

function nothing(id: string): ThingWorth {
  return { id, savesMinutes: 0, usedFor: [], onlyFor: [], keenerOn: [] };
}

/** Adds what a thing does for one edge: its plan with the thing, against the plan without. */
function count(own: ThingWorth, need: RoundNeed, plan: Ladder, otherwise: Ladder): void {
  own.usedFor.push(need.name);
  if (reaches(plan) && !reaches(otherwise)) own.onlyFor.push(need.name);
  else own.savesMinutes += otherwise.minutes - plan.minutes;
  const passes = passedTest(plan);
  const before = passedTest(otherwise);
  if (passes !== before && plan.apexRadiusUm < otherwise.apexRadiusUm) {
    own.keenerOn.push({ edge: need.name, passes, otherwise: before });
  }
}

function reaches({ outcome, shortOf }: Ladder): boolean {
  return outcome !== 'out of reach' && !shortOf.apex && !shortOf.finish;
}

function ladderFor(problem: RackRound, { face, condition, target }: RoundNeed): Ladder {
  const { pace, learned } = problem.hand;
  return findLadder({
    zone: face,
    condition,
    target,
    pace,
    abrasives: problem.abrasives.map(({ abrasive }) => abrasive),
    calibration: learned,
    missingStone: false,
  });
}

/** The shelf records that a plan takes: stones, strops, and a lubricant that is the only one. */
function takenBy(problem: RackRound, { steps }: Ladder): Set<string> {
  return new Set(
    steps.flatMap(({ abrasive: { id } }) => {
      const { needsAll, needsOneOf } = problem.abrasives.find(
        ({ abrasive }) => abrasive.id === id,
      )!;
      return [...needsAll, ...(needsOneOf?.length === 1 ? needsOneOf : [])];
    }),
  );
}

/** The same problem without one thing. */
function without(problem: RackRound, id: string): RackRound {
  const abrasives = problem.abrasives.filter(
    ({ needsAll, needsOneOf }) =>
      !needsAll.includes(id) && !needsOneOf?.every((other) => other === id),
  );
  return { ...problem, abrasives };
}
