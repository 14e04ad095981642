import type { StepTask } from '../../domain/terms';
import { describeStep, type LadderAbrasive, type LadderStep, type WorkingFace } from '../ladder';
import type { Pace } from '../wear';

/** Minutes to take a thing up and begin (prior). */
const PICK_UP_MINUTES = 0.5;

/** A step of a few sweeps that are counted, not computed: nothing is ground away. */
export function countedStep(input: {
  face: WorkingFace;
  abrasive: LadderAbrasive;
  task: StepTask;
  strokesPerSide: number;
  strokeLengthMm: number;
  forceN: number;
  apexRadiusUm: number;
  pace: Pace;
}): LadderStep {
  const { face, abrasive, strokeLengthMm, strokesPerSide, pace, ...work } = input;
  return describeStep({
    face,
    abrasive,
    rung: {
      ...work,
      strokesPerSide,
      handling: { motion: 'sweeps', direction: 'edge trailing', strokeLengthMm, sections: 1 },
      minutes: (2 * strokesPerSide) / pace.sweeps + PICK_UP_MINUTES,
      volumeMm3: 0,
      wearRate: 0,
      contactWidthMm: face.faceWidthMm,
    },
    jumpRatio: null,
    missingStone: null,
  });
}
