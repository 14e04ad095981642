import { FAMILIES } from '../../domain/families';
import type { StrokesLearned } from '../evidence';
import { contactPressure } from '../wear';
import { dishAngleError } from '../edge';
import type { AbrasiveWork } from './stoneWork';
import type { LubricantKind } from '../../domain/terms';
import type { LadderAbrasive, Ladder, LadderStep, StepNote, WorkingFace } from './types';
import { PRIORS } from '../priors';

/** Length of edge in contact with a flat surface at a time. */
const CONTACT_LENGTH_MM = 25;

/** What one abrasive's work asks of the hand: strokes and minutes with their spans, and notes. */
export function describeStep(input: {
  face: WorkingFace;
  abrasive: LadderAbrasive;
  work: AbrasiveWork;
  learned: StrokesLearned;
  /** Radius of the apex that it begins from; null where scratches are to go. */
  apexUm: number | null;
  /** Size of the step before divided by this one's; null on the first. */
  jumpRatio: number | null;
  /** Whether the person, and not the plan, has put it there; the plan where nothing is said. */
  isWished?: boolean;
  /** What the stone before was used with; null where none was. */
  lubricantBefore?: LubricantKind | null;
  missingStone: Ladder['missingStone'];
}): LadderStep {
  const { face, abrasive, work, learned, jumpRatio } = input;
  const { strokesPerSide, minutes } = work;
  const up = Math.exp(learned.sdLn);
  const lubricant = abrasive.kind === 'stone' ? (abrasive.lubricant ?? 'dry') : 'dry';
  return {
    abrasive,
    task: work.task,
    jumpRatio,
    angleDeg: face.angleDeg,
    stretch: work.stretch,
    facet: null,
    zoneAfter: null,
    passStrokes: work.passStrokes,
    ...work.handling,
    lubricant,
    waterMl: stepWaterMl(abrasive),
    forceN: work.forceN,
    strokesPerSide,
    strokesPerSideLow: Math.max(1, Math.round(strokesPerSide / up)),
    strokesPerSideHigh: Math.round(strokesPerSide * up),
    minutes,
    minutesLow: minutes / up,
    minutesHigh: minutes * up,
    baseline: work.bare && {
      strokes: work.bare.strokes,
      minutes: work.bare.minutes,
      hardnessHrc: face.hardnessHrc,
      apexUm: input.apexUm,
    },
    learnedFactor: learned.factor,
    learnedSteps: learned.steps,
    learnedFrom: learned.from,
    heldFactor: work.heldFactor,
    contactWidthMm: work.contactWidthMm,
    volumeMm3: work.volumeMm3,
    wearRate: work.wearRate,
    apexRadiusUm: work.apexRadiusUm,
    notes: stepNotes(input),
  };
}

/** Water (ml) that a thing takes for one step: what it soaks up and a splash; none where it is used otherwise. */
export function stepWaterMl(abrasive: LadderAbrasive): number {
  return abrasive.kind === 'stone' && abrasive.lubricant === 'water'
    ? abrasive.soakMl + PRIORS.splashMl.value
    : 0;
}

function stepNotes({
  abrasive,
  work,
  jumpRatio,
  isWished = false,
  lubricantBefore = null,
  missingStone,
}: Parameters<typeof describeStep>[0]): StepNote[] {
  const notes: StepNote[] = [];
  if (jumpRatio !== null && jumpRatio > PRIORS.longJump.value && abrasive.kind === 'stone') {
    notes.push({
      kind: 'long jump',
      ratio: jumpRatio,
      costsMinutes: missingStone?.savesMinutes ?? null,
      stoneUm: missingStone?.sizeUm ?? null,
    });
  }
  // What the plan or the keeper's school has put there is not doubted in the same breath.
  if (isWished && jumpRatio !== null && jumpRatio < PRIORS.shortJump.value) {
    notes.push({ kind: 'short jump', ratio: jumpRatio });
  }
  if (abrasive.kind === 'stone' && isOther(lubricantBefore, abrasive.lubricant)) {
    notes.push({ kind: 'wipe between', from: lubricantBefore!, to: abrasive.lubricant! });
  }
  if (abrasive.kind === 'strop') {
    const angleDeg = dishAngleError(abrasive);
    if (angleDeg > PRIORS.notableHollowDeg.value) notes.push({ kind: 'sagging strop', angleDeg });
    return notes;
  }
  if (work.minutes > PRIORS.benchMinutes.value) notes.push({ kind: 'bench job' });
  const angleDeg = dishAngleError({ sagMm: abrasive.dishMm, lengthMm: abrasive.lengthMm });
  if (angleDeg > PRIORS.notableHollowDeg.value) notes.push({ kind: 'hollow stone', angleDeg });
  if (work.contactWidthMm <= 0) return notes;
  const { warning } = contactPressure({
    forceN: work.forceN,
    faceWidthMm: work.contactWidthMm,
    contactLengthMm: CONTACT_LENGTH_MM,
  });
  if (warning === 'may-skate') notes.push({ kind: 'may skate' });
  if (warning === 'may-score' && FAMILIES[abrasive.family].isSoft) {
    notes.push({ kind: 'may score' });
  }
  return notes;
}

/** Whether a wet stone follows on another wetness: oil and water do not mix. */
function isOther(before: LubricantKind | null, now: LubricantKind | null): boolean {
  return before !== null && now !== null && before !== 'dry' && now !== 'dry' && before !== now;
}
