import { PRIORS, type Prior } from '../../core/priors';
import { taughtWorking } from './taughtWorking';

it('the working of what the log has taught names no number that the table does not hold', () => {
  const known = Object.values<Prior>(PRIORS).map(({ value }) => value);
  const text = taughtWorking().flatMap(({ what, formula, answer }) => [what, formula, answer]);
  const named = text
    .join(' ')
    .match(/\d+(?:\.\d+)?/g)!
    .map(Number);
  expect(named.length).toBeGreaterThan(4);
  for (const number of named.filter((each) => each !== 0)) expect(known).toContain(number);
});
