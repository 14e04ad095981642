import fc from 'fast-check';
import { ABRASIVE_FORMS, STROP_FORMS } from '../../domain/terms';
import { thingOutline } from './thingOutline';

const things = fc.record({
  form: fc.constantFrom(...ABRASIVE_FORMS, ...STROP_FORMS),
  lengthMm: fc.double({ min: 20, max: 400, noNaN: true }),
  widthMm: fc.double({ min: 4, max: 90, noNaN: true }),
});
const scales = fc.double({ min: 0.3, max: 4, noNaN: true });
const handled = ['file', 'steel', 'paddle'];

/** All places that a path goes through or is drawn towards; the radii and flags of an arc are none. */
function placesOf(path: string): { xs: number[]; ys: number[] } {
  const [xs, ys]: [number[], number[]] = [[], []];
  for (const [, command, rest] of path.matchAll(/([MLHVQCAZ])([^MLHVQCAZ]*)/g)) {
    const numbers = (rest!.match(/-?\d+(\.\d+)?(e-?\d+)?/g) ?? []).map(Number);
    const places = command === 'A' ? numbers.slice(-2) : numbers;
    if (command === 'H') xs.push(...places);
    else if (command === 'V') ys.push(...places);
    else places.forEach((value, i) => (i % 2 === 0 ? xs : ys).push(value));
  }
  return { xs, ys };
}

describe('a thing drawn to scale', () => {
  it('has its surface as long as it is, and a handle on top where there is one', () => {
    fc.assert(
      fc.property(things, scales, (thing, pxPerMm) => {
        const { lengthPx, widthPx, heightPx } = thingOutline(thing, pxPerMm, Infinity);
        expect(lengthPx).toBeCloseTo(thing.lengthMm * pxPerMm, 6);
        expect(heightPx).toBeCloseTo(Math.max(3, thing.widthMm * pxPerMm), 6);
        if (handled.includes(thing.form)) expect(widthPx).toBeGreaterThan(1.2 * lengthPx);
        else expect(widthPx).toBe(lengthPx);
      }),
    );
  });

  it('stays within its length and width, and is closed', () => {
    fc.assert(
      fc.property(things, scales, (thing, pxPerMm) => {
        const { outline, widthPx, heightPx } = thingOutline(thing, pxPerMm, Infinity);
        const { xs, ys } = placesOf(outline);
        expect(outline.endsWith('Z')).toBe(true);
        // A curve is drawn towards places a little beyond the stone that it rounds.
        expect(Math.min(...xs)).toBeGreaterThanOrEqual(-0.1 * widthPx);
        expect(Math.max(...xs)).toBeLessThanOrEqual(1.1 * widthPx);
        expect(Math.min(...ys)).toBeGreaterThanOrEqual(-0.1 * heightPx - 4);
        expect(Math.max(...ys)).toBeLessThanOrEqual(1.1 * heightPx);
      }),
    );
  });

  it('is never wider than its place, and ends torn where it would be', () => {
    fc.assert(
      fc.property(things, scales, fc.integer({ min: 30, max: 300 }), (thing, pxPerMm, mostPx) => {
        const { outline, widthPx, lengthPx } = thingOutline(thing, pxPerMm, mostPx);
        expect(widthPx).toBeLessThanOrEqual(mostPx);
        expect(lengthPx).toBeLessThanOrEqual(widthPx);
        const whole = thingOutline(thing, pxPerMm, Infinity);
        expect(outline === whole.outline).toBe(whole.widthPx <= mostPx);
      }),
    );
  });
});
