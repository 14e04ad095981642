import { sum } from 'd3-array';
import { KEEN_UP_TO } from '../sharpness';
import type { ChosenLadder } from './chooseLadder';
import { ladderSolver, type LadderPath, type LadderProblem } from './shortestLadder';
import type { HelpfulStone, LadderAbrasive, LadderStone } from './types';

/** Sizes (µm) worth owning, as candidates. */
const CANDIDATE_SIZES_UM = [120, 90, 60, 45, 30, 25, 18, 14, 9, 6, 4, 3, 2, 1];
/** A stone that saves less than this is not worth naming. */
const WORTH_NAMING_MINUTES = 1;
/** An owned stone this near in size is as good as the candidate. */
const NEAR_SIZE = 1.3;

/**
 * The one stone that would shorten this ladder most, or make its target reachable: one that is owned
 * and not at hand, or a pocket diamond of a size that is not owned; null when none saves a minute.
 */
export function helpfulStone(input: {
  /** With the goal as it was asked for. */
  problem: LadderProblem;
  /** Everything owned that fits the face. */
  owned: readonly LadderAbrasive[];
  /** What was found with the things at hand. */
  found: ChosenLadder | null;
}): HelpfulStone | null {
  const { problem, owned, found } = input;
  const atHand = new Set(problem.abrasives.map(({ id }) => id));
  const elsewhere = owned.filter(
    (abrasive): abrasive is LadderStone => abrasive.kind === 'stone' && !atHand.has(abrasive.id),
  );
  const known = [...owned, ...problem.abrasives].filter(({ kind }) => kind === 'stone');
  const isOwned = (sizeUm: number): boolean =>
    known.some((stone) => stone.sizeUm / sizeUm < NEAR_SIZE && sizeUm / stone.sizeUm < NEAR_SIZE);
  const candidates = [
    ...elsewhere.map((stone) => ({ stone, owned: stone.name })),
    ...CANDIDATE_SIZES_UM.filter((sizeUm) => !isOwned(sizeUm)).map((sizeUm) => ({
      stone: candidate(problem, sizeUm),
      owned: null,
    })),
  ];
  // A test is no finer than 1.25 of the target, and a strop that is missing is no stone's fault.
  const goal = { ...problem.goal, apexUm: KEEN_UP_TO * problem.goal.apexUm, strop: false };
  const solver = ladderSolver({ ...problem, goal });
  const present =
    found && reachesGoal(found.quickest, goal) ? withoutClosing(found.quickest, goal) : null;
  const helps = candidates.flatMap(({ stone, owned: name }): Help[] => {
    const minutes = solver.minutesThrough(stone);
    if (minutes === Infinity) return [];
    const savesMinutes = present === null ? null : present - minutes;
    if (savesMinutes !== null && savesMinutes < WORTH_NAMING_MINUTES) return [];
    const { sizeUm, family } = stone;
    return [{ minutes, stone: { sizeUm, family, owned: name, savesMinutes, minutes } }];
  });
  // What is owned already comes first; then the quickest.
  const [best] = helps.sort(
    (a, b) =>
      Number(b.stone.owned !== null) - Number(a.stone.owned !== null) || a.minutes - b.minutes,
  );
  return best?.stone ?? null;
}

interface Help {
  minutes: number;
  stone: HelpfulStone;
}

function reachesGoal({ arcs }: LadderPath, goal: LadderProblem['goal']): boolean {
  const { apexRadiusUm, lastStone } = arcs.at(-1)!.to;
  const fineEnough = lastStone === null || lastStone.sizeUm <= goal.finishUm;
  return fineEnough && apexRadiusUm <= goal.apexUm;
}

/** Minutes up to the first place that reaches the goal: the closing strop costs the same either way. */
function withoutClosing({ arcs }: LadderPath, goal: LadderProblem['goal']): number {
  const end = arcs.findIndex((_, i) =>
    reachesGoal({ minutes: 0, arcs: arcs.slice(0, i + 1) }, goal),
  );
  return sum(arcs.slice(0, end + 1), ({ work }) => work.minutes);
}

function candidate({ face }: LadderProblem, sizeUm: number): LadderStone {
  return {
    kind: 'stone',
    id: `candidate-${sizeUm}`,
    name: `${sizeUm} µm diamond`,
    family: 'diamond',
    form: face.contour === 'recurve' ? 'rod' : 'pocket-stone',
    sizeUm,
    lengthMm: 100,
    widthMm: face.contour === 'recurve' ? 6 : 30,
    dishMm: 0,
    state: 'normal',
    lubricant: 'dry',
    soakMl: 0,
    held: null,
  };
}
