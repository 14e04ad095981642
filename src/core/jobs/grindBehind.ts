import { least } from 'd3-array';
import type { StepTask } from '../../domain/terms';
import { strokesLearned } from '../evidence';
import {
  describeStep,
  plainStoneWork,
  whyUnfit,
  type AbrasiveWork,
  type Hand,
  type LadderAbrasive,
  type LadderStep,
  type LadderStone,
  type OwnLadder,
  type WorkingFace,
} from '../ladder';
import { faceVolumeMm3, scratchShiftMm } from '../wear';

/** Faces that show are polished down to this size (µm), each stone at most half of the last. */
export const POLISHED_UM = 6;

/** One stone on one face, and the work of it. */
export interface Cut {
  stone: LadderStone;
  work: AbrasiveWork;
}

/** The stones and files that work a face, as far as the person has not left them out. */
export function grinders(
  face: WorkingFace,
  abrasives: readonly LadderAbrasive[],
  { leftOut, sequence }: OwnLadder,
): LadderStone[] {
  return abrasives.filter(
    (abrasive): abrasive is LadderStone =>
      abrasive.kind === 'stone' &&
      whyUnfit(abrasive, face) === null &&
      !leftOut.includes(abrasive.id) &&
      (sequence === null || sequence.includes(abrasive.id)),
  );
}

/** The stone that takes so much off a face soonest; null where none bites this steel. */
export function quickestCut(
  stones: readonly LadderStone[],
  face: WorkingFace,
  { task, volumeMm3 }: { task: StepTask; volumeMm3: number },
  hand: Hand,
): Cut | null {
  const removal = { task, volumeMm3, contactWidthMm: face.faceWidthMm, heavy: true };
  const cuts = stones.flatMap((stone): Cut[] => {
    const work = plainStoneWork(face, stone, removal, hand);
    return work ? [{ stone, work }] : [];
  });
  return least(cuts, ({ work }) => work.minutes) ?? null;
}

/** A cut as a step of a plan. */
export function cutStep(
  face: WorkingFace,
  { stone, work }: Cut,
  hand: Hand,
  jumpRatio: number | null,
): LadderStep {
  return describeStep({
    face,
    abrasive: stone,
    work,
    learned: strokesLearned(hand.learned, stone),
    apexUm: null,
    jumpRatio,
    missingStone: null,
  });
}

/**
 * Finer stones after a coarse one, each at most half of the last, down to a size: they take its scratches off a
 * face. None where no finer one is at hand.
 */
export function smoothingSteps(input: {
  face: WorkingFace;
  task: StepTask;
  /** Size of what has ground the face (µm), and the size down to which it is smoothed. */
  fromUm: number;
  untilUm: number;
  stones: readonly LadderStone[];
  /** How much of their depth goes; all of it where nothing is said. */
  share?: number;
  hand: Hand;
}): LadderStep[] {
  const { face, task, untilUm, hand, share = 1 } = input;
  const steps: LadderStep[] = [];
  let lastUm = input.fromUm;
  while (lastUm > untilUm) {
    const finer = input.stones.filter(
      ({ sizeUm, form }) => sizeUm <= lastUm / 2 && form !== 'file',
    );
    const shiftMm = share * scratchShiftMm({ sizeUm: lastUm });
    const cut = quickestCut(
      finer,
      face,
      { task, volumeMm3: faceVolumeMm3({ ...face, shiftMm }) },
      hand,
    );
    if (!cut) break;
    steps.push(cutStep(face, cut, hand, lastUm / cut.stone.sizeUm));
    lastUm = cut.stone.sizeUm;
  }
  return steps;
}

/**
 * Steel ground off a face behind the edge, or off the whole of it: the quickest stone or file at hand,
 * then, where the keeper wants no scratches, finer ones. None where nothing at hand bites this steel.
 */
export function grindBehind(input: {
  /** The face that is ground: its hold, its width. */
  face: WorkingFace;
  task: StepTask;
  /** Both sides together. */
  volumeMm3: number;
  polished: boolean;
  abrasives: readonly LadderAbrasive[];
  ownLadder: OwnLadder;
  hand: Hand;
}): LadderStep[] {
  const { face, hand } = input;
  const stones = grinders(face, input.abrasives, input.ownLadder);
  const cut = quickestCut(stones, face, input, hand);
  if (!cut) return [];
  const fromUm = cut.stone.sizeUm;
  const task = 'polish behind the edge';
  const polish = { face, task, fromUm, untilUm: POLISHED_UM, stones, hand } as const;
  return [cutStep(face, cut, hand, null), ...(input.polished ? smoothingSteps(polish) : [])];
}
