import fc from 'fast-check';
import { isPlaced, photoMatrix, photoWindow } from './photoPlacement';

const points = fc.record({
  x: fc.integer({ min: 0, max: 1280 }),
  y: fc.integer({ min: 0, max: 960 }),
});

it('lays any edge level, heel at nought, as long as it is, and keeps lengths and hands', () => {
  fc.assert(
    fc.property(
      points,
      points,
      fc.double({ min: 1, max: 40, noNaN: true }),
      (heel, tip, pxPerMm) => {
        fc.pre(Math.hypot(tip.x - heel.x, tip.y - heel.y) > 20);
        const [a, b, c, d, e, f] = photoMatrix({ pxPerMm, heel, tip });
        const laid = ({ x, y }: { x: number; y: number }) => [a * x + c * y + e, b * x + d * y + f];
        expect(laid(heel)[0]).toBeCloseTo(0, 6);
        expect(laid(heel)[1]).toBeCloseTo(0, 6);
        expect(laid(tip)[0]).toBeCloseTo(Math.hypot(tip.x - heel.x, tip.y - heel.y) / pxPerMm, 6);
        expect(laid(tip)[1]).toBeCloseTo(0, 6);
        // Not mirrored: the map's determinant stays positive.
        expect(a * d - b * c).toBeCloseTo(1 / pxPerMm ** 2, 9);
      },
    ),
  );
});

it('shows the longest edge of those side by side, with room beside it', () => {
  const at = (px: number) => ({ pxPerMm: 10, heel: { x: 0, y: 0 }, tip: { x: px, y: 0 } });
  const [x, , width] = photoWindow([at(900), at(1000)]);
  expect(x).toBeLessThan(0);
  expect(x + width).toBeGreaterThan(100);
  expect(isPlaced(at(900))).toBe(true);
  expect(isPlaced({ pxPerMm: 10, heel: null, tip: null })).toBe(false);
  expect(isPlaced(null)).toBe(false);
});
