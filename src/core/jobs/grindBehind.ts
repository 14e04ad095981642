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
  type WorkingFace,
} from '../ladder';
import { faceVolumeMm3, scratchShiftMm } from '../wear';

/** Faces that show are polished down to this size (µm), each stone at most half of the last. */
const POLISHED_UM = 6;

interface Cut {
  stone: LadderStone;
  work: AbrasiveWork;
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
  hand: Hand;
}): LadderStep[] {
  const { face, polished, hand } = input;
  const stones = input.abrasives.filter(
    (abrasive): abrasive is LadderStone =>
      abrasive.kind === 'stone' && whyUnfit(abrasive, face) === null,
  );
  const cut = (some: readonly LadderStone[], task: StepTask, volumeMm3: number): Cut | null => {
    const removal = { task, volumeMm3, contactWidthMm: face.faceWidthMm, heavy: true };
    return some
      .flatMap((stone): Cut[] => {
        const work = plainStoneWork(face, stone, removal, hand);
        return work ? [{ stone, work }] : [];
      })
      .reduce<Cut | null>(
        (best, next) => (best && best.work.minutes <= next.work.minutes ? best : next),
        null,
      );
  };

  const steps: LadderStep[] = [];
  let last = cut(stones, input.task, input.volumeMm3);
  let jumpRatio: number | null = null;
  while (last) {
    const { stone, work } = last;
    const learned = strokesLearned(hand.learned, stone);
    steps.push(
      describeStep({
        face,
        abrasive: stone,
        work,
        learned,
        apexUm: null,
        jumpRatio,
        missingStone: null,
      }),
    );
    if (!polished || stone.sizeUm <= POLISHED_UM) break;
    const shiftMm = scratchShiftMm({ sizeUm: stone.sizeUm });
    const finer = stones.filter(
      ({ sizeUm, form }) => sizeUm <= stone.sizeUm / 2 && form !== 'file',
    );
    last = cut(finer, 'polish behind the edge', faceVolumeMm3({ ...face, shiftMm }));
    jumpRatio = last && stone.sizeUm / last.stone.sizeUm;
  }
  return steps;
}
