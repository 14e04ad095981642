import { PRIORS, type LadderStep, type WorkingFace } from '../../core';
import { isSpineTask } from '../../domain/terms';
import { deg, fineMm, mm, newtons, ratio, um, rounded, times } from '../../ui/format';
import type { WorkingLine } from '../../ui/Working';

/** The sums behind one step, in words and numbers. */
export function stepWorking(step: LadderStep, face: WorkingFace): WorkingLine[] {
  const jump: WorkingLine[] =
    step.jumpRatio === null
      ? []
      : [
          {
            what: 'Jump',
            formula: 'size of the step before ÷ size of this one',
            answer: ratio(step.jumpRatio),
          },
        ];
  return [...jump, ...(step.volumeMm3 === 0 ? counted(step) : removal(step, face))];
}

/** Strops, hones and burnishing: nothing that a wear rate could be put to. */
function counted(step: LadderStep): WorkingLine[] {
  return [
    {
      what: 'Strokes',
      formula:
        step.task === 'strop'
          ? `${PRIORS.closingDecays.value} times the burr’s decay, or the strop’s best count where that is less${learned(step)}`
          : 'a usual count: nothing is ground away, so nothing is computed',
      answer: `${step.strokesPerSide} a side`,
    },
  ];
}

function steelFormula(step: LadderStep): string {
  if (isSpineTask(step.task)) return 'thickness × length of the stretch × depth';
  if (step.task === 'move the shoulders back' || step.task === 'grind the new angle') {
    return 'both sides: length × area between the section as it is and as planned';
  }
  if (step.task === 'grind out damage') {
    return 'both sides: length × area past the chip; the rest of the edge: its rounding, as a band';
  }
  if (step.task === 'blend the facet') {
    return 'both sides: length × ½ width² × sin of half the step, twice over, and the rounding';
  }
  return 'four times length × area of the band next to the apex: shift × width, less what a wobbling hand misses';
}

function learned({ learnedFactor, learnedSteps }: LadderStep): string {
  return learnedSteps > 0
    ? ` × ${rounded(learnedFactor, 2)}, learned from ${learnedSteps} of your steps`
    : '';
}

function removal(step: LadderStep, face: WorkingFace): WorkingLine[] {
  return [
    {
      what: 'Band under the stroke',
      formula: isSpineTask(step.task)
        ? 'the thickness of the spine'
        : `${face.toolForm}, ${deg(step.angleDeg)} per side, over ${Math.round(face.edgeLengthMm)} mm of edge`,
      answer: fineMm(step.contactWidthMm),
    },
    {
      what: 'Steel to remove',
      formula: steelFormula(step),
      answer: `${times(step.volumeMm3)} mm³`,
    },
    {
      what: 'Wear rate',
      formula: `${um(step.abrasive.sizeUm)} on ${Math.round(face.hardnessHrc)} HRC, ${face.carbide} in carbides`,
      answer: `${times(step.wearRate)} mm³/(N·m)`,
    },
    {
      what: 'Strokes',
      formula: `steel ÷ (wear rate × ${newtons(step.forceN)} × ${mm(step.strokeLengthMm)})${learned(step)}, half on each side`,
      answer: `${step.strokesPerSide} a side`,
    },
  ];
}
