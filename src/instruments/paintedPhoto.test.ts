/** @jest-environment node */
import fc from 'fast-check';
import { fitRim, glintAlong, tracedOutline, traceLine, type PhotoPoint } from '../core/measure';
import { paintPhoto, TRIED_SCENE, type PaintedPhoto, type PaintedScene } from './paintedPhoto';

/** How far a point lies off a line of points (px). */
function off({ x, y }: PhotoPoint, line: readonly PhotoPoint[]): number {
  let least = Infinity;
  for (let i = 1; i < line.length; i += 1) {
    const [a, b] = [line[i - 1]!, line[i]!];
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const share = ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy || 1);
    const at = Math.min(1, Math.max(0, share));
    least = Math.min(least, Math.hypot(x - a.x - at * dx, y - a.y - at * dy));
  }
  return least;
}

const small: PaintedScene = {
  ...TRIED_SCENE,
  widthPx: 660,
  heightPx: 420,
  pxPerMm: 2.8,
  glints: [],
  chip: null,
};

/** A few taps around the tool, each off by a pixel or two. */
const tapsOn = ({ outline }: PaintedPhoto, jitter: readonly number[]): PhotoPoint[] =>
  [0, 55, 100, 140, 199, 215, 235, 250].map((i, k) => ({
    x: outline[i]!.x + jitter[2 * k]!,
    y: outline[i]!.y + jitter[2 * k + 1]!,
  }));

const scenes = fc.record({
  tiltDeg: fc.double({ min: 0, max: 8, noNaN: true }),
  tiltAxisDeg: fc.integer({ min: 0, max: 180 }),
  turnDeg: fc.integer({ min: -12, max: 12 }),
  noise: fc.integer({ min: 0, max: 8 }),
  seed: fc.integer({ min: 1, max: 1e6 }),
});
const jitters = fc.array(fc.integer({ min: -2, max: 2 }), { minLength: 16, maxLength: 16 });

it('an outline of a few taps follows the tool, however it lies, leans and is lit', () => {
  fc.assert(
    fc.property(scenes, jitters, (scene, jitter) => {
      const photo = paintPhoto({ ...small, ...scene });
      const traced = traceLine({
        raster: photo.raster,
        taps: tapsOn(photo, jitter),
        isClosed: true,
      });
      const truth = [...photo.outline, photo.outline[0]!];
      const found = [...traced, traced[0]!];
      // Corners are rounded; the rest lies within two pixels.
      expect(Math.max(...photo.outline.map((point) => off(point, found)))).toBeLessThan(5);
      const offs = traced.map((point) => off(point, truth)).sort((a, b) => a - b);
      expect(offs[Math.floor(0.95 * offs.length)]).toBeLessThan(2);
    }),
    { numRuns: 12, seed: 11 },
  );
});

it('an outline that a finger tapped beside is brought to the tool, as far as the finger says it is off', () => {
  fc.assert(
    fc.property(
      scenes,
      fc.array(fc.integer({ min: -7, max: 7 }), { minLength: 16, maxLength: 16 }),
      (scene, jitter) => {
        const photo = paintPhoto({ ...small, ...scene });
        const truth = [...photo.outline, photo.outline[0]!];
        const share = (offPx: number): number => {
          const taps = tapsOn(photo, jitter).map((tap) => ({ ...tap, offPx }));
          const traced = traceLine({ raster: photo.raster, taps, isClosed: true });
          return traced.filter((point) => off(point, truth) < 2.5).length / traced.length;
        };
        expect(share(5)).toBeGreaterThan(0.85);
      },
    ),
    { numRuns: 5, seed: 12 },
  );
});

it('a traced outline hangs like every silhouette, to its true measures, whichever way the tool lay', () => {
  for (const turnDeg of [-4, 86, 176, -94]) {
    const wide = Math.abs(turnDeg) > 45 && Math.abs(turnDeg) < 135;
    const size = wide ? { widthPx: 420, heightPx: 660 } : {};
    const photo = paintPhoto({ ...small, ...size, turnDeg });
    const [heel, tip] = [photo.edge[0]!, photo.edge.at(-1)!];
    const outline = traceLine({
      raster: photo.raster,
      taps: tapsOn(photo, Array<number>(16).fill(0)),
      isClosed: true,
    });
    const rim = fitRim({ points: [0, 1, 2, 3, 4, 5].map(photo.rimAt) })!;
    const of = { outline, heel, tip, rim, coinDiameterMm: 24, kind: 'scandi-knife' } as const;
    const hung = tracedOutline({ ...of, neck: photo.neck })!;
    expect(hung.lengthMm).toBeGreaterThan(192);
    expect(hung.lengthMm).toBeLessThan(206);
    expect(hung.widthMm).toBeGreaterThan(21);
    expect(hung.widthMm).toBeLessThan(26);
    // The handle is up, the edge to the right, and the edge as long as its tool says.
    expect(hung.edgeTopMm).toBeGreaterThan(95);
    const points = hung.edge.match(/[\d.]+,[\d.]+/g)!.map((pair) => pair.split(',').map(Number));
    expect(points[0]![0]).toBeGreaterThan(0.8 * hung.widthMm);
    expect(points.at(-1)![1]! - points[0]![1]!).toBeGreaterThan(90);
    expect(hung.handle).toMatch(/^M[\d.,L]+Z$/);
    // Nobody said where the wood begins: all is steel.
    expect(tracedOutline({ ...of, neck: null })).toMatchObject({ handle: 'M0,0' });
    // Of the same marks an axe would hang by its head, heel down.
    const axe = tracedOutline({ ...of, neck: photo.neck, kind: 'hatchet' })!;
    expect(axe.edgeTopMm).toBeLessThan(5);
  }
});

it('bright stretches of an edge are found where they are, and none on one that is even', () => {
  const photo = paintPhoto(TRIED_SCENE);
  const ends = [photo.edge[0]!, photo.edge.at(-1)!];
  const line = traceLine({ raster: photo.raster, taps: ends, isClosed: false });
  const found = glintAlong({ raster: photo.raster, line, pxPerMm: TRIED_SCENE.pxPerMm });
  // Along the belly the way is a little longer than across.
  expect(found).toHaveLength(2);
  expect(found[0]!.fromMm).toBeGreaterThan(58);
  expect(found[0]!.toMm).toBeLessThan(72);
  expect(found[0]!.toMm - found[0]!.fromMm).toBeGreaterThan(6);
  expect(found[1]!.fromMm).toBeGreaterThan(82);
  for (const seed of [3, 4]) {
    const even = paintPhoto({ ...TRIED_SCENE, glints: [], chip: null, seed });
    expect(glintAlong({ raster: even.raster, line, pxPerMm: 6 })).toEqual([]);
  }
});

it('the same scene gives the same pixels, and where nothing changes a line is straight', () => {
  const again = paintPhoto({ ...small, widthPx: 60, heightPx: 40 });
  expect(paintPhoto({ ...small, widthPx: 60, heightPx: 40 }).raster).toEqual(again.raster);
  const plain = { width: 50, height: 40, pixels: new Uint8ClampedArray(8000).fill(90) };
  const line = traceLine({
    raster: plain,
    taps: [
      { x: 5, y: 20 },
      { x: 44, y: 20 },
    ],
    isClosed: false,
  });
  for (const { y } of line) expect(y).toBeCloseTo(20, 6);
});
