import type { LadderStep, WorkingFace } from './types';

/** The signs that a step is finished: what is seen, felt and heard, not a number. */
export function doneWhen(step: Pick<LadderStep, 'task' | 'abrasive'>, face: WorkingFace): string[] {
  const edge = face.toolForm === 'axe' ? 'bit' : 'edge';
  switch (step.task) {
    case 'grind out damage':
      return [
        `no chip shows against the light along the whole ${edge}`,
        'a burr can be felt along the whole length, on each side in turn',
        'the ink is gone down to the very edge',
      ];
    case 'restore the apex':
      return [
        'a burr can be felt along the whole length, on each side in turn',
        'the ink is gone down to the very edge',
        'no glint shows along the edge',
      ];
    case 'remove scratches':
      return [
        'the scratches of the step before are gone',
        'the stroke has turned smooth and quiet',
        'the burr is thinner than before, the same on both sides',
      ];
    case 'strop':
      return [
        'no drag: the burr is gone from both sides',
        'the test comes out no better than a few strokes ago: stop there',
      ];
  }
}
