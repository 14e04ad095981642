import { memoizeLast } from './memoizeLast';

it('computes again only when an argument is another one', () => {
  let times = 0;
  const sum = memoizeLast((numbers: readonly number[], start: number) => {
    times += 1;
    return { total: numbers.reduce((a, b) => a + b, start) };
  });
  const numbers = [1, 2];
  const first = sum(numbers, 0);
  expect(sum(numbers, 0)).toBe(first);
  expect(times).toBe(1);
  expect(sum(numbers, 1).total).toBe(4);
  expect(sum([1, 2], 1).total).toBe(4);
  expect(times).toBe(3);
});
