import type { WorkingFace } from '../../core/ladder';
import type { SessionStep } from '../../domain/session';
import { isSpineTask, type StepTask } from '../../domain/terms';

interface Step {
  kind: 'stone' | 'strop';
  task: StepTask;
  form: string | null;
  direction: SessionStep['direction'];
}

/** Cautions of one step, said where they matter and once. */
export function stepCautions(
  step: Step,
  form: WorkingFace['toolForm'],
  isFirst: boolean,
): string[] {
  const found: string[] = [];
  if (isFirst) {
    found.push('Firm seat, good light, nobody within reach; dressing at hand.');
    if (form !== 'knife') {
      found.push('Cut-resistant glove on the holding hand; cover the edge you do not work.');
    }
  }
  if (isSpineTask(step.task)) {
    found.push('Knuckles face the sharp edge: cover it.');
    found.push('Never wipe a thumb along the spine: a fingernail tries the corner.');
  }
  if (step.form === 'file' && step.task !== 'raise the hook') {
    found.push('Eye protection. A file takes steel quickly: not for a first try.');
  } else if (step.kind === 'strop') {
    found.push('Strop on a flat board, never on thigh or palm; always edge trailing.');
  } else if (step.task === 'lay a turned edge straight') {
    found.push('Rest the tip of the steel on wood, and stroke away from the hand that holds it.');
  } else if (!isSpineTask(step.task)) {
    found.push('Fingers below and behind the working face.');
  }
  if (step.direction === 'edge trailing' && !isSpineTask(step.task)) {
    found.push('Wipe from spine toward edge, never along it.');
  }
  return found;
}
