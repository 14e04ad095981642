import type { Ladder, LadderAbrasive, OwnLadder } from './types';

/** What taking one abrasive into a ladder, or out of it, would do to its minutes. */
export interface LadderChange {
  id: string;
  isIn: boolean;
  /** Minutes more (less, below zero); null where the ladder could not be walked so. */
  minutesMore: number | null;
  /** What it would end short of, that it does not end short of now. */
  fallsShort: boolean;
  /** The wishes that bring it about. */
  wishes: OwnLadder;
}

/** What a ladder is found from, whatever job it is part of. */
export interface OwnLadderProblem {
  abrasives: readonly LadderAbrasive[];
  ownLadder: OwnLadder;
  /** The ladder with other wishes, nothing else changed. */
  planWith: (wishes: OwnLadder) => Ladder;
}

/** The change that each fitting abrasive makes to a ladder, coarse to fine as they come. */
export function ladderChanges(
  { abrasives, ownLadder, planWith }: OwnLadderProblem,
  present: Ladder,
): LadderChange[] {
  const unfit = new Set(
    present.leftOut.filter(({ reason }) => reason.kind !== 'left out by you').map(({ id }) => id),
  );
  const used = new Set(present.steps.map(({ abrasive }) => abrasive.id));
  return abrasives
    .filter(({ id }) => !unfit.has(id))
    .map(({ id }) => {
      const isIn = used.has(id);
      const wishes = toggled(ownLadder, id, isIn);
      const plan = planWith(wishes);
      const walked = plan.outcome === 'planned' && !plan.wishesFailed;
      return {
        id,
        isIn,
        minutesMore: walked ? plan.minutes - present.minutes : null,
        fallsShort: walked && plan.shortOf.apex && !present.shortOf.apex,
        wishes,
      };
    });
}

/** The wishes with one abrasive taken out, or required. */
function toggled(wishes: OwnLadder, id: string, isIn: boolean): OwnLadder {
  const others = (ids: readonly string[]): string[] => ids.filter((other) => other !== id);
  if (wishes.sequence) {
    const sequence = isIn ? others(wishes.sequence) : [...wishes.sequence, id];
    return { ...wishes, sequence: sequence.length > 0 ? sequence : null };
  }
  return {
    ...wishes,
    leftOut: isIn ? [...others(wishes.leftOut), id] : others(wishes.leftOut),
    required: isIn ? others(wishes.required) : [...others(wishes.required), id],
    startsWith: isIn && wishes.startsWith === id ? null : wishes.startsWith,
  };
}
