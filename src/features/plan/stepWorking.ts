import { spoken } from '../../ui/words/closedWords';
import { planWords as say } from './words/planWords';
import type { LadderStep, WorkingFace } from '../../core/ladder';
import { PRIORS } from '../../core/priors';
import { isSpineTask } from '../../domain/terms';
import { fineMm, ratio, times } from '../../ui/format';
import type { WorkingLine } from '../../ui/Working';

/** The sums behind one step, in words and numbers. */
export function stepWorking(step: LadderStep, face: WorkingFace): WorkingLine[] {
  const jump: WorkingLine[] =
    step.jumpRatio === null
      ? []
      : [
          {
            what: say.jump,
            formula: say.jumpWorking,
            answer: ratio(step.jumpRatio),
          },
        ];
  return [...jump, ...(step.volumeMm3 === 0 ? counted(step) : removal(step, face))];
}

/** Strops, hones and burnishing: nothing that a wear rate could be put to. */
function counted(step: LadderStep): WorkingLine[] {
  return [
    {
      what: say.strokes,
      formula:
        step.task === 'strop'
          ? say.closingStrokes(PRIORS.closingDecays.value, learned(step))
          : say.usualCount,
      answer: say.aSide(step.strokesPerSide),
    },
  ];
}

function steelFormula(step: LadderStep): string {
  if (isSpineTask(step.task)) return say.thicknessLengthOfTheStretch;
  if (step.task === 'move the shoulders back' || step.task === 'grind the new angle') {
    return say.bothSidesLengthAreaBetween;
  }
  if (step.task === 'grind out damage') {
    return say.bothSidesLengthAreaPast;
  }
  if (step.task === 'blend the facet') {
    return say.bothSidesLengthWidthSin;
  }
  return say.microBevelVolume;
}

/** What the log and the practised hold make of the strokes. */
function learned({ learnedFactor, learnedSteps, heldFactor }: LadderStep): string {
  const byLog = learnedSteps > 0 ? say.learnedFromOfYourSteps(learnedFactor, learnedSteps) : '';
  const byHold = Math.abs(heldFactor - 1) >= 0.005 ? say.byYourHold(heldFactor) : '';
  return `${byLog}${byHold}`;
}

function removal(step: LadderStep, face: WorkingFace): WorkingLine[] {
  return [
    {
      what: say.bandUnderTheStroke,
      formula: isSpineTask(step.task)
        ? say.theThicknessOfTheSpine
        : say.faceWorked(spoken(face.toolForm), step.angleDeg, Math.round(face.edgeLengthMm)),
      answer: fineMm(step.contactWidthMm),
    },
    {
      what: say.steelToRemove,
      formula: steelFormula(step),
      answer: `${times(step.volumeMm3)} mm³`,
    },
    {
      what: say.wearRate,
      formula: say.abrasiveOnSteel(
        step.abrasive.sizeUm,
        Math.round(face.hardnessHrc),
        spoken(face.carbide),
      ),
      answer: say.mmNM(step.wearRate),
    },
    {
      what: say.strokes,
      formula: say.strokesWorking(step.forceN, step.strokeLengthMm, learned(step)),
      answer: say.aSide(step.strokesPerSide),
    },
  ];
}
