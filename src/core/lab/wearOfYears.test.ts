/** @jest-environment node */
import fc from 'fast-check';
import { sum } from 'd3-array';
import { sample } from '../../testing/sample';
import { depthAtHalf } from '../edge/sectionProfile';
import { faceLimitMm, leftZone } from '../jobs';
import { thickening } from '../edge';
import { steelLeft, zoneNow } from '../inspection';
import { workingFace } from '../ladder';
import { wearOfYears, YEARS_AHEAD, type Habit } from './wearOfYears';

const nowMs = Date.parse('2026-10-12T08:00:00Z');

const edges = sample.tools.flatMap((tool) =>
  tool.zones.map((zone) => {
    const sessions = sample.sessions.filter(
      ({ toolId, zoneId }) => toolId === tool.id && zoneId === zone.id,
    );
    const shapes = sessions.flatMap((session) => {
      const left = leftZone(session);
      return left && !left.facetOnly ? [{ at: session.finishedAt!, zone: left.zone }] : [];
    });
    return { tool, zone, sessions, shapes, nowMs };
  }),
);
const wearOf = (toolId: string) => wearOfYears(edges.find(({ tool }) => tool.id === toolId)!);
const ends = (wear: ReturnType<typeof wearOfYears>, habit: Habit) => wear.ahead[habit]!;

it('says of today, of the pace and of the steel left what the tool’s own page says', () => {
  for (const edge of edges) {
    const { tool, zone, sessions } = edge;
    const wear = wearOfYears(edge);
    const { pace, touchUps, leftMm } = steelLeft(tool, zone, sessions);
    const today = wear.past.at(-1)!;
    expect(wear.pace).toEqual(pace);
    expect(today.zone).toEqual(zoneNow(tool, zone, sessions));
    expect(today.leftMm).toBeGreaterThanOrEqual(leftMm);
    const { steelYears } = ends(wear, 'asNow');
    if (touchUps > 100) {
      expect((steelYears * wear.touchUpsPerYear) / touchUps).toBeCloseTo(1, 1);
    }
  }
});

it('has an edge thinned when its page says that the face passes its limit', () => {
  let compared = 0;
  for (const edge of edges) {
    const { tool, zone, sessions } = edge;
    const limitMm = faceLimitMm(tool, zone);
    const wear = wearOfYears(edge);
    const { thinIn } = ends(wear, 'asNow');
    if (limitMm === null || thinIn === null || zone.facet) continue;
    const { touchUpsLeft } = thickening({
      ...workingFace(tool, zoneNow(tool, zone, sessions)),
      ...wear.pace,
      faceLimitMm: limitMm,
      pastRecessionsMm: [],
    });
    expect(Math.abs(thinIn * wear.touchUpsPerYear - touchUpsLeft)).toBeLessThan(1.01);
    compared += 1;
  }
  expect(compared).toBeGreaterThan(0);
});

it('goes back over the log as far as it was measured, losing what every touch-up took', () => {
  const edge = edges.find(({ tool }) => tool.id === 'wren')!;
  const { past, since } = wearOfYears(edge);
  const { pastMm } = steelLeft(edge.tool, edge.zone, edge.sessions);
  expect(past.length).toBeGreaterThan(2);
  const years = past.map(({ year }) => year);
  expect(years).toEqual([...years].sort((a, b) => a - b));
  expect(years.at(-1)).toBe(0);
  expect(-past[0]!.lostMm).toBeGreaterThanOrEqual(sum(pastMm));
  expect(Date.parse(since)).toBeLessThan(Date.parse(edge.sessions[0]!.startedAt));
  past.slice(1).forEach(({ faceMm, lostMm }, i) => {
    expect(faceMm).toBeGreaterThanOrEqual(past[i]!.faceMm);
    expect(lostMm).toBeGreaterThanOrEqual(past[i]!.lostMm);
  });
});

it('does not guess the shape before the job that gave an edge its own', () => {
  const tern = edges.find(({ tool }) => tool.id === 'tern')!;
  const [first] = tern.shapes;
  const known = wearOfYears(tern).past[0]!;
  expect(nowMs + known.year * 365.25 * 864e5).toBeGreaterThanOrEqual(Date.parse(first!.at) - 864e5);
});

describe('habits', () => {
  it('loses less where the strop does every second touch-up, and never to the letter of damage', () => {
    for (const edge of edges) {
      const wear = wearOfYears(edge);
      const [now, strop] = [ends(wear, 'asNow'), ends(wear, 'stropMore')];
      const lost = now.shapes.at(-1)!.lostMm - strop.shapes.at(-1)!.lostMm;
      const yearly = wear.pace.everydayMm * wear.touchUpsPerYear;
      expect(lost).toBeCloseTo((YEARS_AHEAD * yearly) / 2, 9);
      if (now.thinIn !== null && now.thinIn > 0)
        expect(strop.thinIn ?? Infinity).toBeGreaterThan(now.thinIn);
    }
  });

  it('draws every year inside the year before: steel never grows', () => {
    for (const edge of edges) {
      const wear = wearOfYears(edge);
      for (const habit of ['narrowBands', 'degreeLower'] as const) {
        const { shapes } = ends(wear, habit);
        const today = shapes[0]!;
        for (const { profile, lostMm } of shapes.slice(1)) {
          for (const { depthMm, halfMm } of profile.slice(0, -1)) {
            const before = depthAtHalf(today.profile, halfMm);
            // What a zone's record says of its shoulder is rounded to its limits.
            expect([edge.tool.id, habit, before - lostMm - depthMm < 0.05]).toEqual([
              edge.tool.id,
              habit,
              true,
            ]);
          }
        }
      }
    }
  });

  it('ends a band of many years at its own angle, and thinner a degree lower', () => {
    const wear = wearOf('old-hob');
    const [now, band, lower] = [
      ends(wear, 'asNow').shapes.at(-1)!,
      ends(wear, 'narrowBands').shapes.at(-1)!,
      ends(wear, 'degreeLower').shapes.at(-1)!,
    ];
    expect(band.zone.facet!.angleDeg).toBe(now.zone.bevelAngleDeg + 3);
    expect(band.thicknessAt1Mm).toBeGreaterThan(now.thicknessAt1Mm);
    expect(lower.thicknessAt1Mm).toBeLessThan(now.thicknessAt1Mm);
    expect(lower.lostMm).toBeGreaterThan(now.lostMm);
  });
});

it('is steady under any log of looks, and tells of every zone', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...edges),
      fc.integer({ min: 0, max: 40 }),
      fc.integer({ min: 0, max: 20 }),
      (edge, count, yearsLater) => {
        const wear = wearOfYears({
          ...edge,
          sessions: edge.sessions.slice(0, count),
          nowMs: nowMs + yearsLater * 365.25 * 864e5,
        });
        for (const { faceMm, thicknessAt1Mm, leftMm } of [
          ...wear.past,
          ...Object.values(wear.ahead).flatMap((years) => years?.shapes ?? []),
        ]) {
          expect(faceMm > 0 && thicknessAt1Mm > 0 && leftMm >= 0).toBe(true);
          expect(Number.isFinite(faceMm + thicknessAt1Mm + leftMm)).toBe(true);
        }
      },
    ),
    { numRuns: 60 },
  );
});
