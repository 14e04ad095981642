import { kitFailureWords, whyNotWords } from './kitWords';

it('says why no kit serves an edge', () => {
  expect(whyNotWords({ kind: 'nothing owned' })).toMatch(/^Nothing you own/);
  expect(whyNotWords({ kind: 'too long', minutes: 33.2, limitMinutes: 20 })).toContain('34 min');
});

it.each([
  ['ValidationError', 'needs[3].face is missing', 'needs[3].face is missing'],
  ['RuntimeError', 'memory access out of bounds', 'ran out of room'],
  ['Error', 'the kit programme has no solution', 'found no kit'],
  ['Error', 'x', 'The solver stopped: x.'],
])('turns a %s of the solver into words with a way on', (name, message, words) => {
  expect(kitFailureWords(Object.assign(new Error(message), { name }))).toContain(words);
});
