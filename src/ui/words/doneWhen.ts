import type { StepTask } from '../../domain/terms';

/** Fewer strokes a side than this raise no burr that a finger feels. */
const FEWEST_FOR_BURR = 6;

const BURR = 'a burr can be felt along the whole length, on each side in turn';
const INK = 'the ink is gone down to the very edge';

/** The signs of each task: what is seen, felt and heard, not a number; the first in short. */
const SIGNS: Record<StepTask, readonly string[]> = {
  'grind out damage': ['no chip shows against the light along the whole edge', BURR, INK],
  'restore the apex': [BURR, INK, 'no glint shows along the edge'],
  'remove scratches': [
    'the scratches of the step before are gone',
    'the stroke has turned smooth and quiet',
    'the burr is thinner than before, the same on both sides',
  ],
  'lay a turned edge straight': [
    'light runs along the edge as one line: nothing leans to a side',
    'it no longer catches on the nail, on either side',
  ],
  'move the shoulders back': [
    'the ink is gone behind the edge, and a narrow line of it is left at the very edge',
    'the shoulder has moved back along the whole length, the same on both sides',
  ],
  'blend the facet': ['the ink is gone on both sides of the facet’s shoulder', BURR],
  'grind the new angle': [
    'the ink is gone down to the very edge: the new face runs through',
    'both sides show the same width of face',
  ],
  'grind a facet of the arc': [
    'its band is as wide as the others, the same on both sides',
    'the first band reaches the very edge, the last the cheek',
  ],
  'smooth the arc': [
    'no line shows where two facets meet, and of the step before only its deepest marks are left',
  ],
  'grind the bevel flat': ['the ink goes from shoulder to edge at once: the bevel lies flat', BURR],
  'blend the arc': [
    'the scratches lie even across the bevel, and no line shows where one facet meets the next',
  ],
  'polish behind the edge': [
    'the scratches of the step before are gone from the face behind the edge',
  ],
  'file the spine square': [
    'the old hook is gone, and the file’s marks run from corner to corner',
    'a straight edge shows no light across the spine',
  ],
  'stone the spine': [
    'the file’s marks are gone from the spine and from both faces beside it',
    'no wire edge hangs on either corner',
  ],
  'raise the hook': [
    'a fingernail drawn off the face catches on a fine hook, the whole stretch along',
  ],
  'strop the spine': ['both corners are crisp and free of burr, and scrape curls off dry wood'],
  strop: [
    'no drag: the burr is gone from both sides',
    'the test comes out no better than a few strokes ago: stop there',
  ],
};

/** The signs that a step is finished. */
export function doneWhen(task: StepTask, isAxe: boolean, strokesPerSide: number): string[] {
  const raisesBurr = task !== 'restore the apex' || strokesPerSide >= FEWEST_FOR_BURR;
  const signs = SIGNS[task].filter((sign) => raisesBurr || sign !== BURR);
  return isAxe ? signs.map((sign) => sign.replace('the whole edge', 'the whole bit')) : signs;
}
