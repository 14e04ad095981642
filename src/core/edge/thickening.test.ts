import fc from 'fast-check';
import { bevelGrowth, steelPace, thickening } from '..';
import { sample } from '../../testing/sample';

const taper = fc.record({
  angleDeg: fc.double({ min: 12, max: 30, noNaN: true }),
  behindAngleDeg: fc.double({ min: 0.5, max: 8, noNaN: true }),
  faceWidthMm: fc.double({ min: 0.3, max: 3, noNaN: true }),
  recessionMm: fc.double({ min: 0.001, max: 0.05, noNaN: true }),
});

it('the face grows touch-up by touch-up and crosses its limit where it says', () => {
  fc.assert(
    fc.property(taper, (t) => {
      const { points, touchUpsLeft, faceLimitMm } = thickening({ ...t, faceLimitMm: null });
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

it('parallel faces never want thinning, and a face past its limit does now', () => {
  const face = { angleDeg: 12, faceWidthMm: 7, recessionMm: 0.01 };
  expect(thickening({ ...face, behindAngleDeg: 0, faceLimitMm: null }).touchUpsLeft).toBe(Infinity);
  expect(thickening({ ...face, behindAngleDeg: 3, faceLimitMm: 5 }).touchUpsLeft).toBe(0);
});

it('the pace comes from the log, and strops take no steel', () => {
  const tool = sample.tools.find(({ id }) => id === 'wren')!;
  const pace = steelPace(tool, tool.zones[0]!, sample.sessions);
  expect(pace.touchUps).toBe(4);
  expect(pace.touchUpsPerYear).toBeGreaterThan(1);
  const stropped = sample.sessions
    .filter(({ toolId }) => toolId === 'wren')
    .map((s) => ({ ...s, steps: s.steps.filter(({ kind }) => kind === 'strop') }));
  const usual = steelPace(tool, tool.zones[0]!, []).recessionMm;
  expect(steelPace(tool, tool.zones[0]!, stropped).recessionMm).toBe(usual);
  expect(pace.recessionMm).toBeGreaterThan(0.005);
});
