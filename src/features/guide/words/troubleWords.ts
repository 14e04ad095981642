import type { StepTrouble } from '../../../core/touchUp/index';

/** What a step that has gone wrong says, and what to look at. */
export function troubleWords(trouble: StepTrouble): string {
  switch (trouble.kind) {
    case 'twice the estimate':
      return `Twice the ${trouble.plannedPerSide} planned: ink the edge and look. Not at the apex, a loaded stone, or too fine a one.`;
    case 'half an hour':
      return 'Half an hour on one stone: something is wrong, or it is a job for a coarser one.';
    case 'sides apart':
      return `The ${trouble.more} side has ${trouble.strokes} strokes more: even them out, or the apex wanders.`;
  }
}
