import { spokenText } from './closedWords';
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

/** What work is counted in, where the one differs from the many. */
const ONE: Record<string, string> = { pegs: 'peg', animals: 'animal', posts: 'post' };

/** An amount of what work is counted in, as the domain names it: 1 peg, 6 pegs, 2 fish. */
export function countedUnits(amount: number, unit: string): string {
  return plural(amount, ONE[unit] ?? spokenText(unit), spokenText(unit));
}

/** How often: never, once, twice, 5 times. */
export function timesWords(count: number): string {
  return ['never', 'once', 'twice'][count] ?? `${count} times`;
}
