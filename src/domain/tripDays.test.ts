import fc from 'fast-check';
import { addHours, addMinutes } from 'date-fns';
import { dayOfTrip, mayCheckIn, tripDayOf, tripPhase } from './tripDays';

/** Zones with and without summer time, on both sides of the date line, with half hours. */
const ZONES = [
  'UTC',
  'Europe/London',
  'America/New_York',
  'Australia/Lord_Howe',
  'Pacific/Auckland',
  'Pacific/Kiritimati',
  'America/Adak',
  'Asia/Kathmandu',
];
/** Moves the process that the tests run in. */
const standIn = (zone: string): void =>
  (globalThis as unknown as { standInZone: (zone: string) => void }).standInZone(zone);
const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
afterEach(() => standIn(own));

it('stands where it is put', () => {
  const noon = new Date('2026-06-10T12:00:00.000Z');
  standIn('Pacific/Kiritimati');
  expect(noon.getTimezoneOffset()).toBe(-14 * 60);
  standIn('America/Adak');
  expect(noon.getTimezoneOffset()).toBe(9 * 60);
});

const anyStart = fc
  .date({ min: new Date('1980-01-02'), max: new Date('2090-01-01'), noInvalidDate: true })
  .map((date) => date.toISOString().slice(0, 10));

describe.each(ZONES)('the days of a trip, in %s', (zone) => {
  it('follow one another, whatever the clocks do in between', () => {
    standIn(zone);
    fc.assert(
      fc.property(anyStart, fc.integer({ min: 1, max: 60 }), (startsOn, days) => {
        const trip = { startsOn, days };
        for (let day = 0; day < days; day += 1) {
          const morning = dayOfTrip(trip, day);
          expect(tripDayOf(trip, morning)).toBe(day);
          expect(tripDayOf(trip, addHours(morning, 22))).toBe(day);
          expect(tripPhase(trip, morning)).toBe('under way');
        }
        expect(tripPhase(trip, addMinutes(dayOfTrip(trip, 0), -1))).toBe('ahead');
        expect(tripPhase(trip, dayOfTrip(trip, days))).toBe('over');
        expect(mayCheckIn(trip, dayOfTrip(trip, days - 1))).toBe(true);
        expect(mayCheckIn(trip, addMinutes(dayOfTrip(trip, days - 1), -1))).toBe(false);
      }),
      { numRuns: 40 },
    );
  });

  it('are those of the place: a moment is of one day there, and never of none', () => {
    standIn(zone);
    const trip = { startsOn: '2026-03-28', days: 4 };
    let before = -Infinity;
    for (let hour = 0; hour < 24 * 6; hour += 1) {
      const day = tripDayOf(trip, addHours('2026-03-27T00:00:00.000Z', hour));
      expect(day).toBeGreaterThanOrEqual(before);
      if (before > -Infinity) expect(day - before).toBeLessThanOrEqual(1);
      before = day;
    }
  });
});

it('across the date line a moment of the trip stays within a day of where it was noted', () => {
  const trip = { startsOn: '2026-06-10', days: 5 };
  let differing = 0;
  fc.assert(
    fc.property(fc.integer({ min: -48, max: 170 }), (hour) => {
      const at = addHours('2026-06-10T00:00:00.000Z', hour).toISOString();
      standIn('Pacific/Kiritimati');
      const east = tripDayOf(trip, at);
      standIn('America/Adak');
      const west = tripDayOf(trip, at);
      expect(east - west).toBeGreaterThanOrEqual(0);
      expect(east - west).toBeLessThanOrEqual(1);
      differing += east - west;
    }),
  );
  expect(differing).toBeGreaterThan(0);
});
