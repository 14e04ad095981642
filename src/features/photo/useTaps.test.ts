import { act, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import { useState } from 'react';
import { MOST_POINTS, NO_MARKS, type Marks } from './photoMeasures';
import { useTaps } from './useTaps';

/** Taps on a photo, as the screen holds them: what is shown, and what was left standing last. */
function photo(begun: Marks = NO_MARKS) {
  const stood: Marks[] = [begun];
  const { result } = renderHook(() => {
    const [marks, show] = useState(begun);
    const taps = useTaps(marks, show, (next) => {
      stood.push(next);
      show(next);
    });
    return { marks, ...taps };
  });
  return {
    now: () => result.current,
    stood: () => stood.at(-1)!,
    do: (what: (taps: typeof result.current) => void) => act(() => what(result.current)),
  };
}

const at = (x: number, y = 0) => ({ x, y });

it('begins with the coin, or goes on with the mark that is set last', () => {
  expect(photo().now()).toMatchObject({ mark: 'coin', at: -1, undo: null });
  const left = photo({ ...NO_MARKS, coin: [at(1)], edge: [at(2), at(3)] });
  expect(left.now()).toMatchObject({ mark: 'edge', at: 1 });
  left.do(({ undo }) => undo!());
  expect(left.stood().edge).toEqual([at(2)]);
});

it('one tap more than there is room for begins the mark anew', () => {
  const own = photo();
  for (let i = 0; i <= MOST_POINTS.coin; i += 1) own.do(({ tap }) => tap(at(i)));
  expect(own.stood().coin).toEqual([at(MOST_POINTS.coin)]);
  own.do(({ undo }) => undo!());
  expect(own.stood().coin).toHaveLength(MOST_POINTS.coin);
});

it('takes up any point, and moves that one alone; it stays once it settles', () => {
  const own = photo();
  for (const x of [10, 20, 30]) own.do(({ tap }) => tap(at(x)));
  own.do(({ walk }) => walk(-1));
  own.do(({ walk }) => walk(-1));
  // There is none before the first.
  own.do(({ walk }) => walk(-1));
  expect(own.now().at).toBe(0);
  own.do(({ place }) => place(at(11)));
  own.do(({ place }) => place(at(12)));
  expect(own.now().marks.coin).toEqual([at(12), at(20), at(30)]);
  expect(own.stood().coin).toEqual([at(10), at(20), at(30)]);
  own.do(({ settle }) => settle());
  expect(own.stood().coin).toEqual([at(12), at(20), at(30)]);
  // A move is taken back as one, and what was taken up is still so.
  own.do(({ undo }) => undo!());
  expect(own.stood().coin).toEqual([at(10), at(20), at(30)]);
  expect(own.now().at).toBe(0);
  own.do(({ tap }) => tap(at(40)));
  expect(own.now()).toMatchObject({ at: 3 });
});

describe('one more point between', () => {
  const straight = { rim: null, edge: null, outline: null };
  const marked = (mark: 'edge' | 'outline' | 'coin', ...xs: number[]) => {
    const own = photo();
    own.do(({ choose }) => choose(mark));
    for (const x of xs) own.do(({ tap }) => tap(at(x)));
    return own;
  };

  it('lies on the line that is followed, is taken up, and is taken back as one', () => {
    const own = marked('edge', 0, 100);
    const belly = Array.from({ length: 101 }, (_, x) => at(x, 20 - Math.abs(x - 50) / 2.5));
    own.do(({ between }) => between!({ ...straight, edge: belly }));
    expect(own.stood().edge).toEqual([at(0), at(50, 20), at(100)]);
    expect(own.now().at).toBe(1);
    own.do(({ place }) => place(at(50, 25)));
    own.do(({ settle }) => settle());
    expect(own.stood().edge).toEqual([at(0), at(50, 25), at(100)]);
    own.do(({ undo }) => undo!());
    own.do(({ undo }) => undo!());
    expect(own.stood().edge).toEqual([at(0), at(100)]);
    expect(own.now().at).toBe(1);
  });

  it('after the last is the one before it on an edge, and the way home on an outline', () => {
    const edge = marked('edge', 0, 40, 100);
    edge.do(({ between }) => between!(straight));
    expect(edge.stood().edge).toEqual([at(0), at(40), at(70), at(100)]);
    const outline = marked('outline', 10, 40, 70, 90);
    const around = [10, 20, 30, 40, 50, 60, 70, 80, 90, 95, 98, 5].map((x) => at(x));
    outline.do(({ between }) => between!({ ...straight, outline: around }));
    expect(outline.stood().outline.map(({ x }) => x)).toEqual([10, 40, 70, 90, 98]);
    outline.do(({ tap }) => tap(at(99)));
    expect(outline.stood().outline.map(({ x }) => x)).toEqual([10, 40, 70, 90, 98, 99]);
  });

  it('is only where a line leads through two points, and there is room', () => {
    expect(marked('edge', 1).now().between).toBeNull();
    expect(marked('coin', 1, 2, 3).now().between).toBeNull();
    const full = marked('edge', ...Array.from({ length: MOST_POINTS.edge }, (_, i) => i));
    expect(full.now().between).toBeNull();
  });
});

it('nothing that settles without a move is a step', () => {
  const own = photo();
  own.do(({ tap }) => tap(at(5)));
  own.do(({ settle }) => settle());
  own.do(({ undo }) => undo!());
  expect(own.stood()).toEqual(NO_MARKS);
  expect(own.now().undo).toBeNull();
});

it('goes on where the hand was, after another photo was laid over this one', () => {
  const own = photo();
  own.do(({ tap }) => tap(at(1)));
  own.do(({ choose }) => choose('edge'));
  own.do(({ tap }) => tap(at(2)));
  const { hand } = own.now();
  own.do(({ resume }) => resume());
  expect(own.now().mark).toBe('coin');
  own.do(({ resume }) => resume(hand));
  expect(own.now().mark).toBe('edge');
  own.do(({ undo }) => undo!());
  own.do(({ undo }) => undo!());
  expect(own.stood()).toEqual(NO_MARKS);
});

const anyStep = fc.oneof(
  fc.record({ what: fc.constant('tap' as const), x: fc.integer({ min: 0, max: 99 }) }),
  fc.record({ what: fc.constant('move' as const), x: fc.integer({ min: 0, max: 99 }) }),
  fc.record({ what: fc.constant('walk' as const), x: fc.constantFrom(-1, 1) }),
  fc.record({ what: fc.constant('between' as const), x: fc.constant(0) }),
  fc.record({ what: fc.constantFrom('coin' as const, 'edge' as const), x: fc.constant(0) }),
);

it('whatever was done, as many steps back leave what stood in the beginning', () => {
  fc.assert(
    fc.property(fc.array(anyStep, { maxLength: 14 }), (steps) => {
      const own = photo();
      for (const { what, x } of steps) {
        if (what === 'tap') own.do(({ tap }) => tap(at(x)));
        else if (what === 'walk') own.do(({ walk }) => walk(x as -1 | 1));
        else if (what === 'move') {
          if (own.now().at < 0) continue;
          own.do(({ place }) => place(at(x, 1)));
          own.do(({ settle }) => settle());
        } else if (what === 'between')
          own.do(({ between }) => between?.({ rim: null, edge: null, outline: null }));
        else own.do(({ choose }) => choose(what));
      }
      for (let i = 0; i < steps.length && own.now().undo; i += 1) own.do(({ undo }) => undo!());
      expect(own.stood()).toEqual(NO_MARKS);
    }),
    { numRuns: 60 },
  );
});
