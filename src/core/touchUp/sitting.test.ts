import fc from 'fast-check';
import { nextInSitting, sittingOrder } from '.';

const step = (itemId: string, sizeUm: number, kind: 'stone' | 'strop' = 'stone') => ({
  itemId,
  sizeUm,
  kind,
});
const file = step('file', 100);
const plate = step('plate', 25);
const belt = step('belt', 1, 'strop');

describe('a sitting', () => {
  it('takes each stone up once, the coarsest first and strops last', () => {
    const order = sittingOrder([
      { id: 'chopping', steps: [file, plate, belt] },
      { id: 'fine', steps: [plate, belt] },
    ]);
    expect(order).toEqual([
      { id: 'chopping', step: 0 },
      { id: 'chopping', step: 1 },
      { id: 'fine', step: 0 },
      { id: 'chopping', step: 2 },
      { id: 'fine', step: 1 },
    ]);
  });

  it('opens with the edge that was chosen, and goes on with the coarsest', () => {
    const order = sittingOrder([
      { id: 'fine', steps: [plate, belt] },
      { id: 'chopping', steps: [file, plate] },
    ]);
    expect(order.map(({ id }) => id)).toEqual(['fine', 'chopping', 'chopping', 'fine']);
  });

  it('goes over one stone in the order of its edges', () => {
    const ids = ['wren', 'tern', 'plover'];
    const order = sittingOrder(ids.map((id) => ({ id, steps: [plate] })));
    expect(order.map(({ id }) => id)).toEqual(ids);
  });

  it('is over when every edge is finished', () => {
    expect(nextInSitting([])).toBeNull();
    const done = { id: 'a', steps: [plate], stepIndex: 0, finishedAt: '2026-01-01T00:00:00.000Z' };
    expect(nextInSitting([done])).toBeNull();
  });

  const sizes = fc.uniqueArray(fc.integer({ min: 1, max: 200 }), { minLength: 1, maxLength: 4 });
  const edges = fc.array(sizes, { minLength: 1, maxLength: 4 }).map((all) =>
    all.map((each, i) => ({
      id: `edge-${i}`,
      steps: [...each].sort((a, b) => b - a).map((size) => step(`stone-${size}`, size)),
    })),
  );

  it('walks every step of every edge once, in its own order, and no size comes back but the first', () => {
    fc.assert(
      fc.property(edges, (all) => {
        const order = sittingOrder(all);
        for (const { id, steps } of all) {
          const own = order.filter((turn) => turn.id === id).map((turn) => turn.step);
          expect(own).toEqual(steps.map((_, i) => i));
        }
        const walked = order.map(
          (turn) => all.find(({ id }) => id === turn.id)!.steps[turn.step]!.sizeUm,
        );
        const afterFirst = walked.slice(1);
        expect(afterFirst).toEqual([...afterFirst].sort((a, b) => b - a));
      }),
    );
  });
});
