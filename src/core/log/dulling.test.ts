import fc from 'fast-check';
import { addDays, parseISO, setHours } from 'date-fns';
import { workingFace } from '../ladder';
import { readGrams } from '../../domain/observation';
import { TRIP_TASKS } from '../../domain/tripTasks';
import { USUAL_TRIP, type Trip } from '../../domain/trip';
import type { Inspection } from '../../domain/session';
import { sample } from '../../testing/sample';
import { dullingFactor, learn } from '../evidence';
import { evidenceOf } from '.';
import { seenApex, gramsFromApex } from '../sharpness';
import { edgeWear, DEFAULT_PACE } from '../wear';

const wren = sample.tools.find(({ id }) => id === 'wren')!;
const at = '2026-01-01T00:00:00.000Z';
const chop = TRIP_TASKS.find(({ id }) => id === 'carve-dry')!;
const { umPerHour } = edgeWear(chop, workingFace(wren, wren.zones[0]!));

/** A trip of one day, weeks apart from the next, with so many hours of one task. */
const dayTrip = (week: number, hours: number, taskId = chop.id): Trip => ({
  id: `trip ${week}`,
  createdAt: at,
  updatedAt: at,
  deletedAt: null,
  ...USUAL_TRIP,
  name: 'a day',
  days: 1,
  toolIds: ['wren'],
  notes: '',
  minutesPerTouchUp: 30,
  chipDepthMm: 0,
  startsOn: addDays(parseISO('2026-02-01'), 21 * week)
    .toISOString()
    .slice(0, 10),
  work: [{ toolId: 'wren', day: 0, taskId, hours, counted: null }],
});

const look = (trip: Trip, hour: number, apexUm: number): Inspection => ({
  ...sample.inspections[0]!,
  id: `${trip.id} ${hour}`,
  toolId: 'wren',
  zoneId: wren.zones[0]!.id,
  tripId: null,
  at: setHours(parseISO(trip.startsOn), hour).toISOString(),
  seen: { tests: [readGrams(Math.round(gramsFromApex({ apexRadiusUm: apexUm })))], findings: [] },
});

/** What a log of one tool teaches of its dulling. */
const learnDulling = (
  own: Pick<Parameters<typeof evidenceOf>[0], 'tools' | 'trips' | 'sessions' | 'inspections'>,
) =>
  learn({ evidence: evidenceOf({ ...own, familyOf: () => null, pace: DEFAULT_PACE }), stated: [] })
    .dulling;

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
      factor: 1,
      sdLn: 0.7,
      spells: 0,
      hardnessHrc: null,
    });
  });

  it('nears the truth with every spell, and never overshoots it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 2.5, noNaN: true }), (truth) => {
        const after = (count: number) =>
          learnDulling(log(Array.from({ length: count }, () => truth))).tools.get('wren')!;
        const [one, six] = [after(1), after(6)];
        expect(Math.abs(Math.log(six.factor / truth))).toBeLessThan(0.25);
        expect(six.sdLn).toBeLessThan(one.sdLn);
        expect(six.spells).toBe(6);
        expect(Math.abs(Math.log(six.factor))).toBeLessThan(Math.abs(Math.log(truth)) + 0.12);
      }),
      { numRuns: 15 },
    );
  });

  it('knows the task itself best, and another by what the tool has shown', () => {
    const three = learnDulling(log([1.6, 1.6, 1.6]));
    expect(three.tasks.get(`wren/${chop.id}`)!.spells).toBe(3);
    const own = dullingFactor(three, 'wren', chop.id);
    const other = dullingFactor(three, 'wren', 'fish');
    expect(own.factor).toBeGreaterThan(1.3);
    expect(other.factor).toBe(three.tools.get('wren')!.factor);
    expect(other.sdLn).toBeGreaterThan(own.sdLn);
  });

  it('charges the hours of a set to all of its knives', () => {
    const own = log([1, 1, 1, 1]);
    const four = { ...wren, count: 4 };
    const hours = own.trips.map((trip) => ({
      ...trip,
      work: trip.work.map((each) => ({ ...each, hours: 4 * each.hours })),
    }));
    const { factor } = learnDulling({ ...own, trips: hours, tools: [four] }).tools.get('wren')!;
    expect(factor).toBeCloseTo(learnDulling(own).tools.get('wren')!.factor, 9);
    expect(factor).toBeGreaterThan(0.9);
  });

  it('is told for the hardness that it assumed, so that a narrowed one changes no forecast twice', () => {
    expect(learnDulling(log([1.5])).tools.get('wren')!.hardnessHrc).toBe(
      workingFace(wren, wren.zones[0]!).hardnessHrc,
    );
  });

  it('learns nothing from work that hardly dulls, or that lies too far from its looks', () => {
    expect(learnDulling(log([1.5], 0.25)).tools.size).toBe(0);
    const own = log([1.5]);
    const far = own.inspections.map((each, i) =>
      i === 0 ? { ...each, at: addDays(parseISO(each.at), -20).toISOString() } : each,
    );
    expect(learnDulling({ ...own, inspections: far }).tools.size).toBe(0);
  });

  it('takes an edge that came back keener for one that hardly dulled', () => {
    const own = log([1]);
    const back = own.inspections.map((each, i) => (i === 1 ? look(own.trips[0]!, 18, 0.4) : each));
    const { factor } = learnDulling({ ...own, inspections: back }).tools.get('wren')!;
    expect(factor).toBeGreaterThan(0);
    expect(factor).toBeLessThan(0.5);
    expect(seenApex(back[1]!.seen)!.apexRadiusUm).toBeLessThan(0.5);
  });
});
