import fc from 'fast-check';
import type { EdgeCourse } from '../../../core/answers';
import { sample } from '../../../testing/sample';
import { chartHeight } from './chartHeight';
import { timeScale, wholeSpan } from './timeAxis';
import { bandsOf } from './tripBands';

const DAY = 24 * 3600 * 1000;
const now = Date.parse('2026-11-23T08:00:00.000Z');
const point = (at: string) => ({ at, apexUm: 1, lowUm: 0.8, highUm: 1.2 });
const course = (at: string): EdgeCourse => ({
  toolId: 'wren',
  zoneId: 'edge',
  targetUm: 1,
  entries: [],
  line: [point(at)],
});

describe('the time scale', () => {
  it('holds everything that is known, and today, with room at both ends', () => {
    const [from, to] = wholeSpan([course('2025-05-03T18:00:00.000Z')], now);
    expect(from).toBeLessThan(Date.parse('2025-05-03T18:00:00.000Z'));
    expect(to).toBeGreaterThan(now);
    const [bare] = wholeSpan([], now);
    expect(now - bare).toBeGreaterThan(30 * DAY);
  });

  it('never draws a moment of its span outside of its width', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 200, max: 2000 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (width, share) => {
          const span = wholeSpan([course('2025-05-03T18:00:00.000Z')], now);
          const x = timeScale(span, width);
          const at = x(span[0] + share * (span[1] - span[0]));
          expect(at).toBeGreaterThanOrEqual(0);
          expect(at).toBeLessThanOrEqual(width);
          expect(x.invert(at).getTime()).toBeCloseTo(span[0] + share * (span[1] - span[0]), -2);
        },
      ),
    );
  });
});

it('trips stand behind by their days, those outside of the span do not', () => {
  const span = [Date.parse('2026-09-01'), Date.parse('2026-12-31')] as const;
  const bands = bandsOf(sample.trips, span);
  expect(bands.map(({ name }) => name)).toEqual(['Osier Cut', 'Tarrow Ness']);
  for (const { from, to } of bands) expect(to.getTime()).toBeGreaterThan(from.getTime());
});

it('the chart keeps its room for its first rows, and takes none without tools', () => {
  expect(chartHeight(0)).toBe(0);
  expect(chartHeight(6)).toBeGreaterThan(chartHeight(2));
  expect(chartHeight(40)).toBe(chartHeight(6));
});
