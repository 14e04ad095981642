import type { StepTask } from '../../domain/terms';

/** Fewer strokes a side than this raise no burr that a finger feels. */
const FEWEST_FOR_BURR = 6;

/** The signs that a step is finished: what is seen, felt and heard, not a number; the first in short. */
export function doneWhen(task: StepTask, isAxe: boolean, strokesPerSide: number): string[] {
  const edge = isAxe ? 'bit' : 'edge';
  switch (task) {
    case 'grind out damage':
      return [
        `no chip shows against the light along the whole ${edge}`,
        'a burr can be felt along the whole length, on each side in turn',
        'the ink is gone down to the very edge',
      ];
    case 'restore the apex': {
      const seen = ['the ink is gone down to the very edge', 'no glint shows along the edge'];
      const burr = 'a burr can be felt along the whole length, on each side in turn';
      return strokesPerSide < FEWEST_FOR_BURR ? seen : [burr, ...seen];
    }
    case 'remove scratches':
      return [
        'the scratches of the step before are gone',
        'the stroke has turned smooth and quiet',
        'the burr is thinner than before, the same on both sides',
      ];
    case 'lay a turned edge straight':
      return [
        'light runs along the edge as one line: nothing leans to a side',
        'it no longer catches on the nail, on either side',
      ];
    case 'move the shoulders back':
      return [
        'the ink is gone behind the edge, and a narrow line of it is left at the very edge',
        'the shoulder has moved back along the whole length, the same on both sides',
      ];
    case 'blend the facet':
      return [
        'the ink is gone on both sides of the facet’s shoulder',
        'a burr can be felt along the whole length, on each side in turn',
      ];
    case 'grind the new angle':
      return [
        'the ink is gone down to the very edge: the new face runs through',
        'both sides show the same width of face',
      ];
    case 'grind the bevel flat':
      return [
        'the ink goes from shoulder to edge at once: the bevel lies flat',
        'a burr can be felt along the whole length, on each side in turn',
      ];
    case 'blend the arc':
      return [
        'the scratches lie even across the bevel, and no line shows where one facet meets the next',
      ];
    case 'polish behind the edge':
      return ['the scratches of the step before are gone from the face behind the edge'];
    case 'file the spine square':
      return [
        'the old hook is gone, and the file’s marks run from corner to corner',
        'a straight edge shows no light across the spine',
      ];
    case 'stone the spine':
      return [
        'the file’s marks are gone from the spine and from both faces beside it',
        'no wire edge hangs on either corner',
      ];
    case 'raise the hook':
      return ['a fingernail drawn off the face catches on a fine hook, the whole stretch along'];
    case 'strop the spine':
      return ['both corners are crisp and free of burr, and scrape curls off dry wood'];
    case 'strop':
      return [
        'no drag: the burr is gone from both sides',
        'the test comes out no better than a few strokes ago: stop there',
      ];
  }
}
