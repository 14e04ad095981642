import { kitFailureWords, needWords, timesWords } from './kitVerdicts';

it('says how often something comes', () => {
  expect([4.32, 1.02, 0.33, 0.07].map(timesWords)).toEqual([
    '4.3 times',
    'once',
    '3 in 10',
    '1 in 14',
  ]);
});

it('names edges by their state, and covers by what they are', () => {
  const need = { id: 'x', name: 'Wren', count: 1, perEvening: [], labels: [] };
  const kind = { edgeId: 'wren/edge', event: 'deep chip' as const, fromBelt: true };
  expect(needWords({ ...need, kind })).toBe('Wren, deeply chipped, on the belt');
  expect(needWords({ ...need, kind: { cover: 'first aid' } })).toBe('first aid');
});

it.each([
  ['ValidationError', 'needs[3].face is missing', 'needs[3].face is missing'],
  ['RuntimeError', 'memory access out of bounds', 'ran out of room'],
  ['Error', 'x', 'The solver stopped: x.'],
])('turns a %s of the solver into words with a way on', (name, message, words) => {
  expect(kitFailureWords(Object.assign(new Error(message), { name }))).toContain(words);
});
