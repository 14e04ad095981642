import type { StepTask } from '../../domain/terms';
import {
  describeStep,
  heldWay,
  type Hand,
  type LadderAbrasive,
  type LadderStep,
  type WorkingFace,
} from '../ladder';
import { PRIORS } from '../priors';

/** A usual count is kept to within a half, whatever the hand. */
const COUNT_SD = Math.log(1.5);

/** A hone is slid along as its keeper slides a stone, into the edge where nobody says otherwise. */
function directionOf(
  { practice }: WorkingFace,
  abrasive: LadderAbrasive,
  task: StepTask,
): LadderStep['direction'] {
  const isHone = abrasive.kind === 'stone' && task === 'lay a turned edge straight';
  return isHone ? (practice.direction ?? 'edge leading') : 'edge trailing';
}

/** A step of a few sweeps that are counted, not computed: hardly anything is ground away. */
export function countedStep(input: {
  face: WorkingFace;
  abrasive: LadderAbrasive;
  task: StepTask;
  strokesPerSide: number;
  strokeLengthMm: number;
  forceN: number;
  apexRadiusUm: number;
  hand: Hand;
}): LadderStep {
  const { face, abrasive, strokeLengthMm, strokesPerSide, hand, ...work } = input;
  return describeStep({
    face,
    abrasive,
    work: {
      heldFactor: 1,
      ...work,
      strokesPerSide,
      stretch: null,
      passStrokes: null,
      handling: {
        held: heldWay(face, abrasive),
        motion: 'sweeps',
        direction: directionOf(face, abrasive, work.task),
        strokeLengthMm,
        sections: 1,
      },
      minutes: (2 * strokesPerSide) / hand.pace.sweeps + PRIORS.changeoverMinutes.value,
      volumeMm3: 0,
      wearRate: 0,
      contactWidthMm: face.faceWidthMm,
      bare: null,
    },
    learned: { factor: 1, sdLn: COUNT_SD, steps: 0, from: 'itself' },
    apexUm: null,
    jumpRatio: null,
    missingStone: null,
  });
}
