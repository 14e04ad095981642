import fc from 'fast-check';
import { sample } from '../../testing/sample';
import { tripSchema } from '../../domain/trip';
import { dayCopiedOn, rubbedOut, withCount, withHourMore, withHours, workIn } from './paint';

const [trip] = sample.trips;
const cell = { toolId: 'wren', day: 1 };

describe('painting a trip', () => {
  it('puts hours of a task in a cell, in halves, and leaves the rest', () => {
    const painted = withHours(trip!, cell, 'carve-dry', 1.7);
    expect(workIn(painted, cell).map(({ taskId, hours }) => [taskId, hours])).toEqual([
      ['carve-green', 1],
      ['carve-dry', 1.5],
    ]);
    expect(painted.work).toHaveLength(trip!.work.length + 1);
    expect(workIn(withHours(painted, cell, 'carve-dry', 0), cell)).toHaveLength(1);
    expect(workIn(rubbedOut(painted, cell), cell)).toEqual([]);
    const more = withHourMore(painted, cell, 'carve-dry');
    expect(workIn(more, cell).at(-1)).toMatchObject({ taskId: 'carve-dry', hours: 2.5 });
    const most = Array.from({ length: 12 }).reduce<typeof more>(
      (on) => withHourMore(on, cell, 'carve-dry'),
      more,
    );
    expect(workIn(most, cell).at(-1)!.hours).toBe(8);
  });

  it('copies a day on to the next, and no further than the last', () => {
    const copied = dayCopiedOn(trip!, 2);
    const of = (day: number) => copied.work.filter((job) => job.day === day).length;
    expect(of(3)).toBe(of(2));
    expect(dayCopiedOn(trip!, trip!.days - 1)).toBe(trip);
  });

  it('always gives a trip that can be kept', () => {
    const doing = fc.record({
      toolId: fc.constantFrom(...trip!.toolIds),
      day: fc.nat(trip!.days - 1),
      taskId: fc.constantFrom('food', 'chop', 'ground'),
      hours: fc.double({ min: 0, max: 20, noNaN: true }),
      copies: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(doing, { maxLength: 12 }), (all) => {
        const painted = all.reduce((on, { copies, taskId, hours, ...own }) => {
          const next = withHours(on, own, taskId, hours);
          return copies ? dayCopiedOn(next, own.day) : next;
        }, trip!);
        tripSchema.validateSync(painted, { strict: true });
      }),
      { numRuns: 40 },
    );
  });
});

describe('work that is counted by number', () => {
  it('becomes hours by its rule, keeps the rule, and is gone at none', () => {
    const posts = withCount(trip!, cell, 'chop', { amount: 6, perHour: 2 });
    const job = workIn(posts, cell).find(({ taskId }) => taskId === 'chop');
    expect(job).toMatchObject({ hours: 3, counted: { amount: 6, perHour: 2 } });
    const slower = withCount(posts, cell, 'chop', { amount: 6, perHour: 1 });
    expect(workIn(slower, cell).find(({ taskId }) => taskId === 'chop')!.hours).toBe(6);
    const none = withCount(slower, cell, 'chop', { amount: 0, perHour: 1 });
    expect(workIn(none, cell).some(({ taskId }) => taskId === 'chop')).toBe(false);
  });

  it('never makes more hours than a day has, nor none', () => {
    const hours = (amount: number) =>
      workIn(withCount(trip!, cell, 'chop', { amount, perHour: 2 }), cell).at(-1)!.hours;
    expect(hours(1000)).toBe(24);
    expect(hours(0.1)).toBe(0.1);
  });
});
