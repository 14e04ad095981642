import { plural } from './plural';

/** A count with its noun. */
export const counted = {
  day: (count: number) => plural(count, 'day'),
  edge: (count: number) => plural(count, 'edge'),
  facet: (count: number) => plural(count, 'facet'),
  hour: (count: number) => plural(count, 'hour'),
  look: (count: number) => plural(count, 'look'),
  need: (count: number) => plural(count, 'need'),
  session: (count: number) => plural(count, 'session'),
  step: (count: number) => plural(count, 'step'),
  set: (count: number) => plural(count, 'set'),
  stroke: (count: number) => plural(count, 'stroke'),
  thing: (count: number) => plural(count, 'thing'),
  tool: (count: number) => plural(count, 'tool'),
  touchUp: (count: number) => plural(count, 'touch-up'),
  month: (count: number) => plural(count, 'month'),
  year: (count: number) => plural(count, 'year'),
  entry: (count: number) => plural(count, 'entry', 'entries'),
  stretch: (count: number) => plural(count, 'stretch', 'stretches'),
};

/** How often: never, once, twice, 5 times. */
export function timesWords(count: number): string {
  return ['never', 'once', 'twice'][count] ?? `${count} times`;
}
