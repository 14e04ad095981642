/** @jest-environment node */
import fc from 'fast-check';
import { Draws } from '../random';
import { depthOnPhoto, measureOnPhoto } from './measureOnPhoto';
import { fitRim, type PhotoPoint } from './rim';

/** A camera with a pinhole over a table, tilted about a line of the table: 300 mm off, ten pixels a millimetre. */
function camera(tiltDeg: number, aboutDeg: number, distanceMm = 300) {
  const [tilt, about] = [(tiltDeg * Math.PI) / 180, (aboutDeg * Math.PI) / 180];
  const pxPerMm = 10;
  return ({ x, y }: PhotoPoint): PhotoPoint => {
    const along = x * Math.cos(about) + y * Math.sin(about);
    const across = -x * Math.sin(about) + y * Math.cos(about);
    const depth = distanceMm + across * Math.sin(tilt);
    const seenAlong = (along * distanceMm) / depth;
    const seenAcross = (across * Math.cos(tilt) * distanceMm) / depth;
    return {
      x: 2000 + pxPerMm * (seenAlong * Math.cos(about) - seenAcross * Math.sin(about)),
      y: 1500 + pxPerMm * (seenAlong * Math.sin(about) + seenAcross * Math.cos(about)),
    };
  };
}

const COIN_MM = 24;
const rimOf = (count: number, turn = 0): PhotoPoint[] =>
  Array.from({ length: count }, (_, i) => {
    const angle = turn + (2 * Math.PI * i) / count;
    return { x: (COIN_MM / 2) * Math.cos(angle), y: (COIN_MM / 2) * Math.sin(angle) };
  });

const tapped = (point: PhotoPoint, draws: Draws): PhotoPoint => ({
  x: point.x + 2 * draws.normal(),
  y: point.y + 2 * draws.normal(),
});

it('finds the rim of any ellipse through five points of it, and a circle through three', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 40, noNaN: true }),
      fc.double({ min: 0, max: 180, noNaN: true }),
      fc.double({ min: 0, max: 6, noNaN: true }),
      (tiltDeg, aboutDeg, turn) => {
        // From far off there is no perspective: a circle is an ellipse.
        const see = camera(tiltDeg, aboutDeg, 1e7);
        // Points that are off by nothing: whatever lean there is, they tell.
        const points = rimOf(5, turn).map((point) => ({ ...see(point), offPx: 0 }));
        const rim = fitRim({ points })!;
        expect(rim.centre.x).toBeCloseTo(2000, 1);
        expect(rim.semiMajor).toBeCloseTo(120, 1);
        expect(rim.tiltDeg).toBeCloseTo(tiltDeg, 0);
      },
    ),
  );
  const circle = fitRim({ points: rimOf(3).map(camera(0, 0)) })!;
  expect(circle.semiMajor).toBeCloseTo(120, 6);
  expect(circle.isTiltSeen).toBe(false);
});

it('knows what taps alone make a flat coin seem to lean by', () => {
  const draws = new Draws(5);
  const leans = (tiltDeg: number): number[] =>
    Array.from({ length: 300 }, () => {
      const see = camera(tiltDeg, 40);
      const rim = fitRim({ points: rimOf(6).map((point) => tapped(see(point), draws)) })!;
      return rim.tiltDeg / rim.tiltFloorDeg;
    });
  const over = (of: readonly number[]): number => of.filter((lean) => lean > 1).length / of.length;
  expect(over(leans(0))).toBeLessThan(0.25);
  expect(over(leans(25))).toBeGreaterThan(0.95);
});

it('tells nothing of points on a line, or too few', () => {
  const line = Array.from({ length: 6 }, (_, i) => ({ x: 10 * i, y: 7 * i }));
  expect(fitRim({ points: line })).toBeNull();
  expect(fitRim({ points: line.slice(0, 3) })).toBeNull();
  expect(fitRim({ points: line.slice(0, 2) })).toBeNull();
});

it('measures within its own ±: two in three inside one, and hardly a bias', () => {
  const draws = new Draws(424_242);
  let inside = 0;
  let [off, stated] = [0, 0];
  const PHOTOS = 600;
  for (let i = 0; i < PHOTOS; i += 1) {
    const see = camera(8 * draws.even(), 180 * draws.even());
    const length = 10 + 60 * draws.even();
    const turn = 2 * Math.PI * draws.even();
    const start = { x: 15 + 20 * draws.even(), y: -30 + 60 * draws.even() };
    const end = { x: start.x + length * Math.cos(turn), y: start.y + length * Math.sin(turn) };
    const { mm, sdMm } = measureOnPhoto({
      rimPoints: rimOf(6, draws.even()).map((point) => tapped(see(point), draws)),
      coinDiameterMm: COIN_MM,
      from: tapped(see(start), draws),
      to: tapped(see(end), draws),
    })!;
    if (sdMm === null) continue;
    if (Math.abs(mm - length) <= sdMm) inside += 1;
    off += mm - length;
    stated += sdMm;
  }
  expect(inside / PHOTOS).toBeGreaterThan(0.6);
  expect(inside / PHOTOS).toBeLessThan(0.85);
  expect(Math.abs(off / stated)).toBeLessThan(0.5);
});

it('knows a tap that was rough from one that was set under a loupe: still two in three inside its own ±', () => {
  const draws = new Draws(77);
  const tapWithin = (point: PhotoPoint, offPx: number): PhotoPoint => ({
    x: point.x + offPx * draws.normal(),
    y: point.y + offPx * draws.normal(),
    offPx,
  });
  const PHOTOS = 400;
  let inside = 0;
  for (let i = 0; i < PHOTOS; i += 1) {
    const see = camera(4 * draws.even(), 180 * draws.even());
    const [rough, fine] = [4 + 10 * draws.even(), 2];
    const { mm, sdMm } = measureOnPhoto({
      rimPoints: rimOf(8, draws.even()).map((point) => tapWithin(see(point), fine)),
      coinDiameterMm: COIN_MM,
      from: tapWithin(see({ x: 20, y: 5 }), rough),
      to: tapWithin(see({ x: 50, y: 5 }), rough),
    })!;
    if (sdMm !== null && Math.abs(mm - 30) <= sdMm) inside += 1;
  }
  expect(inside / PHOTOS).toBeGreaterThan(0.6);
  expect(inside / PHOTOS).toBeLessThan(0.8);
});

it('takes a circle of taps that cannot tell an ellipse: nearer the truth, and two in three inside its own ±', () => {
  const draws = new Draws(909);
  const PHOTOS = 400;
  const offPx = 9;
  let [inside, off, told] = [0, 0, 0];
  for (let i = 0; i < PHOTOS; i += 1) {
    const see = camera(8 * draws.even(), 180 * draws.even());
    const tap = (point: PhotoPoint): PhotoPoint => {
      const { x, y } = see(point);
      return { x: x + offPx * draws.normal(), y: y + offPx * draws.normal(), offPx };
    };
    const { mm, sdMm } = measureOnPhoto({
      rimPoints: rimOf(6, draws.even()).map(tap),
      coinDiameterMm: COIN_MM,
      from: tap({ x: 20, y: 0 }),
      to: tap({ x: 80, y: 0 }),
    })!;
    if (sdMm === null) continue;
    told += 1;
    off += (mm - 60) ** 2;
    if (Math.abs(mm - 60) <= sdMm) inside += 1;
  }
  // Hardly one is refused as askew that was not.
  expect(told / PHOTOS).toBeGreaterThan(0.9);
  expect(inside / told).toBeGreaterThan(0.6);
  expect(inside / told).toBeLessThan(0.85);
  // An ellipse of the same taps is off by 3.7 mm.
  expect(Math.sqrt(off / told)).toBeLessThan(3);
});

it('gives no ± of a photo that was taken much askew, and a wider one where tilt cannot be seen', () => {
  const see = camera(25, 30);
  const [from, to] = [see({ x: 20, y: 0 }), see({ x: 50, y: 0 })];
  const rimPoints = rimOf(6).map(see);
  expect(measureOnPhoto({ rimPoints, coinDiameterMm: COIN_MM, from, to })!.sdMm).toBeNull();
  const straight = camera(0, 0);
  const at = {
    coinDiameterMm: COIN_MM,
    from: straight({ x: 20, y: 0 }),
    to: straight({ x: 50, y: 0 }),
  };
  const five = measureOnPhoto({ rimPoints: rimOf(5).map(straight), ...at })!;
  const three = measureOnPhoto({ rimPoints: rimOf(3).map(straight), ...at })!;
  expect(five.mm).toBeCloseTo(30, 3);
  expect(three.sdMm!).toBeGreaterThan(five.sdMm! * 0.9);
  const high = measureOnPhoto({ rimPoints: rimOf(5).map(straight), ...at, heightErrorMm: 5 })!;
  expect(high.sdMm!).toBeGreaterThan(five.sdMm!);
});

it('measures a chip square to the line through the edge', () => {
  const see = camera(3, 50);
  const found = depthOnPhoto({
    rimPoints: rimOf(8).map(see),
    coinDiameterMm: COIN_MM,
    edge: [see({ x: 20, y: -20 }), see({ x: 20, y: 20 })],
    floor: see({ x: 20.4, y: 4 }),
  })!;
  expect(found.mm).toBeCloseTo(0.4, 1);
});
