import fc from 'fast-check';
import { rulePlace, ruleTicks, type RuleFrame } from './careScale';

const DAY = 24 * 3600 * 1000;
const now = Date.parse('2026-11-23T08:00:00.000Z');
const withTrip: RuleFrame = {
  top: 30,
  today: 300,
  bottom: 900,
  gate: { top: 500, bottom: 550, startsMs: now + 4 * DAY, endsMs: now + 9 * DAY },
};
const frames = fc.constantFrom<RuleFrame>(withTrip, { ...withTrip, gate: null });

describe('the rule of time', () => {
  it('puts today, and both ends of the trip, where the page has them', () => {
    expect(rulePlace(withTrip, now, now)).toBe(300);
    expect(rulePlace(withTrip, now, now + 4 * DAY)).toBeCloseTo(500, 6);
    expect(rulePlace(withTrip, now, now + 9 * DAY)).toBeCloseTo(550, 6);
    expect(rulePlace(withTrip, now, now - 365 * DAY)).toBeCloseTo(30, 6);
    expect(rulePlace({ ...withTrip, gate: null }, now, now + 3 * 365 * DAY)).toBeCloseTo(900, 6);
  });

  it('never turns round, and never leaves its frame', () => {
    const days = fc.double({ min: -2000, max: 20_000, noNaN: true });
    fc.assert(
      fc.property(frames, days, days, (frame, a, b) => {
        const [first, second] = [Math.min(a, b), Math.max(a, b)].map((day) =>
          rulePlace(frame, now, now + day * DAY),
        );
        expect(first!).toBeLessThanOrEqual(second! + 1e-9);
        for (const y of [first!, second!]) {
          expect(y).toBeGreaterThanOrEqual(frame.top - 1e-9);
          expect(y).toBeLessThanOrEqual(frame.bottom + 1e-9);
        }
      }),
    );
  });

  it('is on the trip when the trip is under way', () => {
    const under = {
      ...withTrip,
      gate: { ...withTrip.gate!, startsMs: now - DAY, endsMs: now + 3 * DAY },
    };
    expect(rulePlace(under, now, now + DAY)).toBeGreaterThan(500);
    expect(rulePlace(under, now, now + DAY)).toBeLessThan(550);
  });

  it('writes no two ticks on each other', () => {
    fc.assert(
      fc.property(frames, (frame) => {
        const ys = ruleTicks(frame, now, (ms) => `${ms}`).map(({ y }) => y);
        ys.sort((a, b) => a - b).forEach((y, i) => {
          if (i > 0) expect(y - ys[i - 1]!).toBeGreaterThanOrEqual(17);
        });
        expect(ys.length).toBeGreaterThan(4);
      }),
    );
  });
});
