import type { LadderStep, WorkingFace } from '../../core';
import { isSpineTask } from '../../domain/terms';
import { deg, fineMm, newtons, ratio, um } from '../../ui/format';
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
  return [...jump, ...(step.wearRate === 0 ? counted(step) : removal(step, face))];
}

/** Strops, hones and burnishing: nothing that a wear rate could be put to. */
function counted(step: LadderStep): WorkingLine[] {
  return [
    {
      what: 'Strokes',
      formula:
        step.task === 'strop'
          ? 'until the target, or until rounding outweighs the burr still coming off, whichever is first'
          : 'a usual count: nothing is ground away, so nothing is computed',
      answer: `${step.strokesPerSide} a side`,
    },
  ];
}

function steelFormula(step: LadderStep): string {
  if (isSpineTask(step.task)) return 'thickness × length of the stretch × depth';
  if (step.task === 'move the shoulders back') {
    return 'both sides: length × area between the section as it is and as planned';
  }
  return 'both sides: length × worked width × shift of the face';
}

function removal(step: LadderStep, face: WorkingFace): WorkingLine[] {
  return [
    {
      what: 'Face under the stroke',
      formula: isSpineTask(step.task)
        ? 'the thickness of the spine'
        : `${face.toolForm}, ${deg(step.angleDeg)} per side, over ${Math.round(face.edgeLengthMm)} mm of edge`,
      answer: fineMm(step.contactWidthMm),
    },
    {
      what: 'Steel to remove',
      formula: steelFormula(step),
      answer: `${step.volumeMm3.toPrecision(2)} mm³`,
    },
    {
      what: 'Wear rate',
      formula: `${um(step.abrasive.sizeUm)} on ${Math.round(face.hardnessHrc)} HRC, ${face.carbide} in carbides`,
      answer: `${step.wearRate.toPrecision(2)} mm³/(N·m)`,
    },
    {
      what: 'Strokes',
      formula: `steel ÷ (wear rate × ${newtons(step.forceN)} × ${(step.strokeLengthMm / 1000).toFixed(3)} m), half on each side`,
      answer: `${step.strokesPerSide} a side`,
    },
  ];
}
