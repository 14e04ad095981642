import fc from 'fast-check';
import { addDays, parseISO, setHours } from 'date-fns';
import { gramsFromApex, workingFace } from '..';
import { readGrams } from '../../domain/observation';
import { TRIP_TASKS } from '../../domain/tripTasks';
import { USUAL_TRIP, type Trip } from '../../domain/trip';
import type { Inspection } from '../../domain/session';
import { seenApex } from '../inspection';
import { sample } from '../../testing/sample';
import { edgeWear } from './dulling';
import { dullingFactor, learnDulling } from '.';

const wren = sample.tools.find(({ id }) => id === 'wren')!;
const at = '2026-01-01T00:00:00.000Z';
const chop = TRIP_TASKS.find(({ id }) => id === 'carve-dry')!;
const { umPerHour } = edgeWear(chop, workingFace(wren, wren.zones[0]!));

/** A trip of one day, weeks apart from the next, with so many hours of one task. */
const dayTrip = (week: number, hours: number, taskId = chop.id): Trip => ({
  ...{ id: `trip ${week}`, createdAt: at, updatedAt: at, deletedAt: null },
  ...{ ...USUAL_TRIP, name: 'a day', days: 1, toolIds: ['wren'], notes: '' },
  ...{ minutesPerTouchUp: 30, chipDepthMm: 0 },
  startsOn: addDays(parseISO('2026-02-01'), 21 * week)
    .toISOString()
    .slice(0, 10),
  work: [{ toolId: 'wren', day: 0, taskId, hours, counted: null }],
});

const look = (trip: Trip, hour: number, apexUm: number): Inspection => ({
  ...sample.inspections[0]!,
  ...{ id: `${trip.id} ${hour}`, toolId: 'wren', zoneId: wren.zones[0]!.id, tripId: null },
  at: setHours(parseISO(trip.startsOn), hour).toISOString(),
  seen: { tests: [readGrams(Math.round(gramsFromApex({ apexRadiusUm: apexUm })))], findings: [] },
});

/** Days of work on which the edge dulled by a true factor of what was to be. */
function log(factors: readonly number[], hours = 2, taskId?: string) {
  const trips = factors.map((_, week) => dayTrip(week, hours, taskId));
  const rate = taskId
    ? edgeWear(
        TRIP_TASKS.find(({ id }) => id === taskId)!,
        workingFace(wren, wren.zones[0]!),
      ).umPerHour
    : umPerHour;
  const inspections = trips.flatMap((trip, i) => [
    look(trip, 8, 0.5),
    look(trip, 18, 0.5 + factors[i]! * hours * rate),
  ]);
  return { tools: [wren], trips, sessions: [], inspections };
}

describe('how fast a tool dulls, by its log', () => {
  it('is the usual rate where nothing is logged', () => {
    const nothing = learnDulling({ tools: [wren], trips: [], sessions: [], inspections: [] });
    expect(dullingFactor(nothing, 'wren', chop.id)).toEqual({
      ...{ factor: 1, sdLn: 0.7, stretches: 0 },
    });
  });

  it('nears the truth with every stretch, and never overshoots it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 2.5, noNaN: true }), (truth) => {
        const after = (count: number) =>
          learnDulling(log(Array.from({ length: count }, () => truth))).tools.wren!;
        const [one, six] = [after(1), after(6)];
        expect(Math.abs(Math.log(six.factor / truth))).toBeLessThan(0.15);
        expect(six.sdLn).toBeLessThan(one.sdLn);
        expect(six.stretches).toBe(6);
        expect(Math.abs(Math.log(six.factor))).toBeLessThan(Math.abs(Math.log(truth)) + 0.12);
      }),
      { numRuns: 15 },
    );
  });

  it('knows a task by itself from three stretches on', () => {
    const two = learnDulling(log([1.6, 1.6]));
    expect(two.tasks).toEqual({});
    const three = learnDulling(log([1.6, 1.6, 1.6]));
    expect(three.tasks[`wren/${chop.id}`]!.stretches).toBe(3);
    expect(dullingFactor(three, 'wren', chop.id).factor).toBeGreaterThan(1.3);
    // Another task goes by what the tool has shown.
    expect(dullingFactor(three, 'wren', 'fish')).toEqual(three.tools.wren);
  });

  it('learns nothing from work that hardly dulls, or that lies too far from its looks', () => {
    expect(learnDulling(log([1.5], 0.25)).tools).toEqual({});
    const own = log([1.5]);
    const far = own.inspections.map((each, i) =>
      i === 0 ? { ...each, at: addDays(parseISO(each.at), -20).toISOString() } : each,
    );
    expect(learnDulling({ ...own, inspections: far }).tools).toEqual({});
  });

  it('takes an edge that came back keener for one that hardly dulled', () => {
    const own = log([1]);
    const back = own.inspections.map((each, i) => (i === 1 ? look(own.trips[0]!, 18, 0.4) : each));
    const { factor } = learnDulling({ ...own, inspections: back }).tools.wren!;
    expect(factor).toBeGreaterThan(0);
    expect(factor).toBeLessThan(0.5);
    expect(seenApex(back[1]!.seen)!.apexRadiusUm).toBeLessThan(0.5);
  });
});
