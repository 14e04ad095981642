import type { SessionStep } from '../../../domain/session';
import { isSpineTask } from '../../../domain/terms';

type Step = Pick<SessionStep, 'kind' | 'form' | 'task' | 'direction' | 'lubricant'>;

/** What a step sounds and feels like while it goes well, and what another sound says. */
export function feelWords(step: Step, isArc: boolean): string {
  if (isSpineTask(step.task))
    return 'A crisp corner catches a fingernail drawn across it; a round one lets it slide.';
  if (step.kind === 'strop') {
    return 'A sticky bite says that the apex touches; if it slides in silence you are too flat, if it digs or rasps you are too steep or a burr stands.';
  }
  if (step.task === 'lay a turned edge straight') {
    return 'It rings lightly and glides; a rasp says that the edge is chipped, and not only turned.';
  }
  if (step.form === 'file') {
    return 'It bites with an even rasp and throws chips; a high skating squeal says too little weight, or steel that is too hard for a file.';
  }
  const dry =
    step.lubricant === 'dry'
      ? 'a squeal and a shine say that it is loaded'
      : 'a slippery glide says too much of it, or a loaded stone';
  const paper =
    step.form === 'paper' ? ' Drag the edge, never push it: paper tears with a click.' : '';
  const lies = isArc
    ? 'Each facet of the arc hisses evenly while the stone lies on it'
    : 'The bevel lies flat when it hisses evenly';
  return `${lies}; a rough, grainy scratch turns smooth as the step finishes; ${dry}.${paper}`;
}
