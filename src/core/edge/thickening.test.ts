import { isCarriedThrough } from '../log';
import fc from 'fast-check';
import { recessionsSinceMeasured, steelLeft, zoneNow } from '../inspection';
import { workingFace } from '../ladder';
import { workedWidthMm, withWorkedWidth, bevelGrowth, thickening } from '.';
import { thinningNeed } from '../jobs';
import type { Session } from '../../domain/session';
import { toolOf } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';
import { TOOL_KINDS } from '../../domain/kinds';

const taper = fc.record({
  angleDeg: fc.double({ min: 12, max: 30, noNaN: true }),
  behindAngleDeg: fc.double({ min: 0.5, max: 8, noNaN: true }),
  faceWidthMm: fc.double({ min: 0.3, max: 3, noNaN: true }),
  recessionMm: fc.double({ min: 0.001, max: 0.05, noNaN: true }),
});

it('the face grows touch-up by touch-up and crosses its limit where it says', () => {
  fc.assert(
    fc.property(taper, (t) => {
      const { points, touchUpsLeft, faceLimitMm } = thickening({
        ...t,
        faceLimitMm: null,
        pastRecessionsMm: [],
      });
      points.slice(1).forEach((point, i) => {
        expect(point.faceWidthMm).toBeGreaterThanOrEqual(points[i]!.faceWidthMm);
      });
      const after = (n: number) =>
        bevelGrowth({
          bevelAngleDeg: t.angleDeg,
          primaryAngleDeg: t.behindAngleDeg,
          faceWidthMm: t.faceWidthMm,
          recessionMm: n * t.recessionMm,
        }).faceWidthMm;
      expect(after(touchUpsLeft)).toBeLessThanOrEqual(faceLimitMm + 1e-9);
      expect(after(touchUpsLeft + 1)).toBeGreaterThan(faceLimitMm);
    }),
  );
});

it('goes back over past touch-ups to the face that was measured', () => {
  const each = fc.double({ min: 0, max: 0.02, noNaN: true });
  fc.assert(
    fc.property(taper, fc.array(each, { maxLength: 30 }), (t, past) => {
      const { faceWidthMm } = bevelGrowth({
        bevelAngleDeg: t.angleDeg,
        primaryAngleDeg: t.behindAngleDeg,
        faceWidthMm: t.faceWidthMm,
        recessionMm: past.reduce((sum, recession) => sum + recession, 0),
      });
      const { points } = thickening({
        ...t,
        faceWidthMm,
        faceLimitMm: null,
        pastRecessionsMm: past,
      });
      expect(points.filter(({ touchUp }) => touchUp < 0)).toHaveLength(past.length);
      expect(points[0]!.faceWidthMm).toBeCloseTo(t.faceWidthMm, 9);
      expect(points[past.length]!.faceWidthMm).toBeCloseTo(faceWidthMm, 9);
    }),
  );
});

it('parallel faces never need thinning, and a face past its limit does now', () => {
  const face = { angleDeg: 12, faceWidthMm: 7, recessionMm: 0.01, pastRecessionsMm: [] };
  expect(thickening({ ...face, behindAngleDeg: 0, faceLimitMm: null }).touchUpsLeft).toBe(Infinity);
  expect(thickening({ ...face, behindAngleDeg: 3, faceLimitMm: 5 }).touchUpsLeft).toBe(0);
});

it('the pace comes from the log, and strops take no steel', () => {
  const tool = sample.tools.find(({ id }) => id === 'wren')!;
  const { pace } = steelLeft(tool, tool.zones[0]!, sample.sessions);
  expect(pace.touchUps).toBe(
    sample.sessions.filter(
      (each) => each.toolId === 'wren' && each.job === 'touch-up' && isCarriedThrough(each),
    ).length,
  );
  expect(pace.touchUpsPerYear).toBeGreaterThan(1);
  const stropped = sample.sessions
    .filter(({ toolId }) => toolId === 'wren')
    .map((s) => ({ ...s, steps: s.steps.filter(({ kind }) => kind === 'strop') }));
  const usual = steelLeft(tool, tool.zones[0]!, []).pace.recessionMm;
  expect(steelLeft(tool, tool.zones[0]!, stropped).pace.recessionMm).toBe(usual);
  expect(pace.recessionMm).toBeGreaterThan(0.005);
});

it.each(TOOL_KINDS)('the worked face of a %s is set and read alike', (kind) => {
  const tool = toolOf(kind);
  const zone = tool.zones[0]!;
  expect(workedWidthMm(zone)).toBeCloseTo(workingFace(tool, zone).faceWidthMm, 9);
  const wider = withWorkedWidth(zone, 1.3 * workedWidthMm(zone));
  expect(workingFace(tool, wider).faceWidthMm).toBeCloseTo(1.3 * workedWidthMm(zone), 9);
  expect(workingFace(tool, wider).angleDeg).toBe(workingFace(tool, zone).angleDeg);
});

describe('a zone as its touch-ups have left it', () => {
  const tool = toolOf('flat-knife');
  const zone = { ...tool.zones[0]!, measuredAt: '2026-03-01T00:00:00.000Z' };
  const touchUp = (day: string, change: Partial<Session> = {}): Session => ({
    ...sample.sessions.find(({ steps }) => steps.some(({ kind }) => kind === 'stone'))!,
    toolId: tool.id,
    zoneId: zone.id,
    startedAt: `${day}T10:00:00.000Z`,
    ...change,
  });
  const width = (...log: Session[]) => workedWidthMm(zoneNow(tool, zone, log));

  it('is as measured until the next touch-up on a stone, and wider with each', () => {
    expect(zoneNow(tool, zone, [touchUp('2026-02-01')])).toBe(zone);
    expect(width(touchUp('2026-04-01'))).toBeGreaterThan(workedWidthMm(zone));
    expect(width(touchUp('2026-04-01'), touchUp('2026-05-01'))).toBeGreaterThan(
      width(touchUp('2026-04-01')),
    );
    expect(zoneNow(tool, zone, [touchUp('2026-04-01', { job: 'hone' })])).toBe(zone);
  });

  it('counts the whole log where nothing was ever measured', () => {
    const unmeasured = { ...zone, measuredAt: null };
    const log = [touchUp('2026-04-01'), touchUp('2026-02-01')];
    expect(recessionsSinceMeasured(tool, unmeasured, log)).toHaveLength(2);
    expect(recessionsSinceMeasured(tool, zone, log).map(({ startedAt }) => startedAt)).toEqual([
      '2026-04-01T10:00:00.000Z',
    ]);
  });

  it('comes to need thinning by its log alone', () => {
    const limited = { ...zone, faceLimitMm: workedWidthMm(zone) + 0.001 };
    const log = Array.from({ length: 9 }, () => touchUp('2026-04-01'));
    expect(thinningNeed(tool, limited, log)).toBeNull();
    expect(thinningNeed(tool, zoneNow(tool, limited, log), log)).toBe('face past its limit');
  });
});
