import { contactPressure, UNCALIBRATED_FACTOR } from '../wear';
import { dishAngleError } from '../edge';
import { doneWhen } from './doneWhen';
import type { AbrasiveWork } from './rungs';
import type { LadderAbrasive, LadderPlan, LadderStep, WorkingFace } from './types';

/** A jump in µm beyond this asks too much of the finer stone. */
const LARGE_JUMP = 6;
/** A jump in µm below this could be skipped. */
const SMALL_JUMP = 1.5;
/** A step that takes longer is a sign that something is wrong, or a job for the bench. */
const STUCK_MINUTES = 30;
/** A hollow stone that changes the angle by more is worth a word. */
const NOTABLE_DISH_DEG = 0.5;
/** Length of edge in contact with a flat surface at a time. */
const CONTACT_LENGTH_MM = 25;

/** What one abrasive's work asks of the hand: strokes with their range, force, signs, warnings. */
export function describeStep(input: {
  face: WorkingFace;
  abrasive: LadderAbrasive;
  rung: AbrasiveWork;
  /** Size of the step before divided by this one's; null on the first. */
  jumpRatio: number | null;
  missingStone: LadderPlan['missingStone'];
}): LadderStep {
  const { face, abrasive, rung, jumpRatio } = input;
  return {
    abrasive,
    task: rung.task,
    jumpRatio,
    angleDeg: face.angleDeg,
    ...rung.handling,
    lubricant: abrasive.kind === 'stone' ? (abrasive.lubricant ?? 'dry') : 'dry',
    forceN: rung.forceN,
    strokesPerSide: rung.strokesPerSide,
    strokesPerSideLow: Math.max(1, Math.round(rung.strokesPerSide / UNCALIBRATED_FACTOR)),
    strokesPerSideHigh: rung.strokesPerSide * UNCALIBRATED_FACTOR,
    minutes: rung.minutes,
    contactWidthMm: rung.contactWidthMm,
    volumeMm3: rung.volumeMm3,
    wearRate: rung.wearRate,
    apexRadiusUm: rung.apexRadiusUm,
    doneWhen: doneWhen({ task: rung.task, abrasive }, face),
    warnings: warnings(input),
  };
}

function warnings({
  abrasive,
  rung,
  jumpRatio,
  missingStone,
}: Parameters<typeof describeStep>[0]): string[] {
  const found: string[] = [];
  if (abrasive.kind === 'strop') return found;
  if (jumpRatio !== null && jumpRatio > LARGE_JUMP) {
    const cost = missingStone
      ? `; a ${missingStone.sizeUm} µm stone would save ${Math.round(missingStone.savesMinutes)} min`
      : '';
    found.push(`A jump of ${jumpRatio.toFixed(1)} times is long${cost}.`);
  }
  if (jumpRatio !== null && jumpRatio < SMALL_JUMP) {
    found.push(`A jump of ${jumpRatio.toFixed(1)} times is short: this step could be skipped.`);
  }
  if (rung.minutes > STUCK_MINUTES) {
    found.push('More than half an hour on one stone: leave it for the bench or go coarser.');
  }
  const dishDeg = dishAngleError({ sagMm: abrasive.dishMm, lengthMm: abrasive.lengthMm });
  if (dishDeg > NOTABLE_DISH_DEG) {
    found.push(`It has worn hollow: the angle changes by ${dishDeg.toFixed(1)}° along the stroke.`);
  }
  const { warning } = contactPressure({
    forceN: rung.forceN,
    faceWidthMm: rung.contactWidthMm,
    contactLengthMm: CONTACT_LENGTH_MM,
  });
  if (warning === 'may-skate') found.push('Little pressure on so wide a face: it may skate.');
  if (warning === 'may-score' && abrasive.family === 'water-stone') {
    found.push('Much pressure on so fine an edge: go lighter, a soft stone scores.');
  }
  return found;
}
