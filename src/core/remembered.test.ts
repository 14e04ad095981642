import fc from 'fast-check';
import { remembered } from './remembered';

describe('a function that knows its last answers', () => {
  it('answers as it would without, whatever is asked in whatever order', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ a: fc.nat(5), b: fc.option(fc.nat(2)) })),
        fc.integer({ min: 1, max: 8 }),
        (questions, most) => {
          const plain = ({ a, b }: { a: number; b: number | null }) => (b === null ? null : a * b);
          expect(questions.map(remembered(plain, most))).toEqual(questions.map(plain));
        },
      ),
    );
  });

  it('asks once for what was asked of late, and anew for what was long ago', () => {
    const asked: number[] = [];
    const half = remembered((question: number) => (asked.push(question), question / 2), 2);
    for (const question of [1, 2, 1, 3, 1, 2]) half(question);
    expect(asked).toEqual([1, 2, 3, 2]);
  });
});
