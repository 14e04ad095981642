import * as format from '../../../ui/format';
import type { JobPlan } from '../../../core/jobs/index';
import type { UnknownMeasure } from '../../../core/rough/index';
import { minutes } from '../../../ui/format';

/** What to do, in order: mill file, then medium plate. */
export function doingWords({ outcome, steps }: JobPlan): string {
  if (outcome === 'leave alone') return 'Leave it alone';
  if (outcome === 'out of reach') return 'Nothing that you have works this edge';
  const names = [...new Set(steps.map(({ abrasive }) => abrasive.name))];
  const words = names.join(', then ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

export const firstAnswer = {
  title: 'What to do',
  /** Which of the tools that are gone through this one is. */
  place: (index: number, count: number) =>
    `${ORDINALS[index] ?? `number ${index + 1}`} of ${NUMBERS[count - 1] ?? count}${index === 0 ? ', because it is the worst' : ''}`,
  next: (name: string) => `Next tool: ${name}`,
  details: 'The whole plan',
  measures: 'Its measures',
  start: (plan: JobPlan) => `Start, ${minutes(plan.minutes)}`,
  perSide: 'per side',
  aSide: 'a side',
  until: (sign: string) => `until ${sign}`,
  fromEachEnd: 'from each end',
  about: (plan: JobPlan) => `about ${minutes(plan.minutes)}`,
  span: (low: number, high: number) =>
    `${spanFigure(low)} to ${spanFigure(high)}${high / low > ROUGH_RATIO ? ': rough' : ''}`,
  rough: 'Rough, because some measures are usual ones and not yet yours.',
  known: 'Everything that matters is measured.',
  now: 'now',
  untested: 'not tested: taken for tired',
  said: (word: string) => `${word}, you said`,
  nothing: 'This edge meets its target. Do not sharpen it.',
  outOfReach: 'What would do it:',
  layOutMore: 'Lay out more things',
  toShelf: 'Look at the shelf',
  helpsMost: (measure: UnknownMeasure, name: string) =>
    `One measure helps most: ${ASKED[measure.kind](name)}`,
  coin: (coinMm: number) => `the edge of a coin, ${format.fineMm(coinMm)}, for size`,
  noChip: 'none',
  overDeep: (depthMm: number) => `over ${format.chipDepth(depthMm)}`,
  skip: 'I do not know',
  measureAngle: 'Measure the angle: three ways, with a ruler',
  longer: 'longer',
  shorter: 'shorter',
  saveLength: (placeMm: number) => `It is ${format.placeMm(placeMm)}`,
  saved: 'Saved.',
};

/** A span wider than this is called rough. */
const ROUGH_RATIO = 3;

const ASKED: Record<UnknownMeasure['kind'], (name: string) => string> = {
  sharpness: () => 'how it cuts now',
  damage: () => 'the deepest chip',
  angle: () => 'the angle of the bevel',
  length: () => 'how long the edge is',
  grain: (name) => `how the ${name} feels`,
};

/** What a bar of the chart stands for: the span once that is known. */
export const KNOWN_WORDS: Record<UnknownMeasure['kind'], string> = {
  sharpness: 'tested',
  damage: 'chip known',
  angle: 'angle known',
  length: 'length known',
  grain: 'grain known',
};

function spanFigure(value: number): string {
  return value < 1 ? 'under 1' : String(Math.round(value));
}
