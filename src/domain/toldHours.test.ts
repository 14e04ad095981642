import { untoldWork, withToldHours } from './toldHours';
import { sample } from '../testing/sample';

const trip = sample.trips.find(({ id }) => id === 'tarrow-ness')!;

describe('hours that were really worked', () => {
  it('are asked for by tool and task, of the days that nobody has told', () => {
    const all = untoldWork(trip);
    const planned = trip.work.reduce((sum, { hours }) => sum + hours, 0);
    expect(all.reduce((sum, { hours }) => sum + hours, 0)).toBeCloseTo(planned);
    expect(untoldWork({ ...trip, toldDays: [0, 1, 2, 3, 4] })).toEqual([]);
  });

  it('stand in the place of the plan, shared out alike, and can be told again from the plan', () => {
    const [first] = untoldWork(trip);
    const twice = withToldHours(withToldHours(trip, first!, 0), first!, 2 * first!.hours);
    const told = untoldWork(twice).find(
      ({ toolId, taskId }) => toolId === first!.toolId && taskId === first!.taskId,
    )!;
    expect(told.hours).toBeCloseTo(2 * first!.hours);
    expect(told.jobs).toHaveLength(first!.jobs.length);
    const others = (own: typeof trip) =>
      own.work.filter(({ toolId, taskId }) => toolId !== first!.toolId || taskId !== first!.taskId);
    expect(others(twice)).toEqual(others(trip));
    expect(withToldHours(trip, first!, 0).work).toHaveLength(trip.work.length - first!.jobs.length);
  });
});
