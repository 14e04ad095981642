/** @jest-environment node */
import { recordHold, type HoldScene } from './recordedHold';
import { studySet, type HoldReading, type SetStudy } from '../core/measure';

const HAND: HoldScene = {
  angleDeg: 12,
  wobbleDeg: 1.5,
  driftDeg: 0,
  backSteeperDeg: 0,
  strokes: 20,
  perMinute: 70,
  seed: 1,
};

const study = (readings: readonly HoldReading[], zeroDeg = 0) =>
  studySet({ readings, zeroDeg, meantDeg: 12, bandDeg: 1.5 });

/** Hands of all sorts, on seeds that nothing was tried on. */
const SETS = Array.from({ length: 120 }, (_, i): HoldScene => ({
  ...HAND,
  wobbleDeg: 0.5 + 0.5 * (i % 5),
  driftDeg: (i % 3) - 1,
  backSteeperDeg: 0.4 * (i % 4) - 0.4,
  strokes: 20 + 10 * (i % 3),
  perMinute: [45, 70, 100][i % 3]!,
  seed: 50_000 + i,
}));

describe('a set of strokes by a phone on a lath', () => {
  const studied = SETS.map((scene) => {
    const { readings, truthDeg } = recordHold(scene);
    return { scene, truthDeg, found: study(readings) };
  });

  it('is told stroke by stroke, out and back, and each to a fifth of a degree', () => {
    const whole = studied.filter(({ truthDeg, found }) => found.strokes.length === truthDeg.length);
    expect(whole.length / studied.length).toBeGreaterThan(0.95);
    for (const { truthDeg, found } of studied)
      expect(Math.abs(found.strokes.length - truthDeg.length)).toBeLessThanOrEqual(2);
    const squares = whole.flatMap(({ truthDeg, found }) =>
      found.strokes.map(({ meanDeg }, i) => (meanDeg - truthDeg[i]!) ** 2),
    );
    expect(Math.sqrt(squares.reduce((sum, own) => sum + own, 0) / squares.length)).toBeLessThan(
      0.2,
    );
    for (const { found } of whole) {
      found.strokes.forEach(({ way }, i) => expect(way).toBe(i % 2 === 0 ? 'out' : 'back'));
    }
  });

  it.each([
    ['the mean', ({ angleDeg }: HoldScene) => angleDeg, 'meanDeg'],
    ['the wobble', ({ wobbleDeg }: HoldScene) => wobbleDeg, 'wobbleDeg'],
    ['the drift', ({ driftDeg }: HoldScene) => driftDeg, 'driftDeg'],
    ['the back strokes', ({ backSteeperDeg }: HoldScene) => backSteeperDeg, 'backSteeperDeg'],
  ] as const)(
    '%s lies within two of its own standard errors in 88 to 99 of a hundred',
    (_, truth, of) => {
      // A set of which a stroke was missed may be too short to say a drift.
      const said = studied.flatMap(({ scene, found }) => {
        const estimate: SetStudy['meanDeg'] | null = found[of];
        return estimate ? [Math.abs(estimate.value - truth(scene)) <= 2 * estimate.se] : [];
      });
      expect(said.length / studied.length).toBeGreaterThan(0.97);
      const share = said.filter(Boolean).length / said.length;
      expect(share).toBeGreaterThanOrEqual(0.88);
      expect(share).toBeLessThanOrEqual(0.99);
    },
  );

  it('a lift for belly and tip is found within two of its own standard errors, and none where there is none', () => {
    for (const bellyLiftDeg of [0, 2, 4]) {
      const found = SETS.slice(0, 60).flatMap((scene) => {
        const { bellyLiftDeg: lift } = study(recordHold({ ...scene, bellyLiftDeg }).readings);
        return lift ? [Math.abs(lift.value - bellyLiftDeg) <= 2 * lift.se] : [];
      });
      const share = found.filter(Boolean).length / found.length;
      expect(share).toBeGreaterThanOrEqual(0.88);
    }
  });

  it('says no drift of a short set, and no wobble of two strokes', () => {
    const short = study(recordHold({ ...HAND, strokes: 12 }).readings);
    expect(short.driftDeg).toBeNull();
    expect(short.wobbleDeg).not.toBeNull();
    expect(study(recordHold({ ...HAND, strokes: 2 }).readings).wobbleDeg).toBeNull();
    expect(study([]).strokes).toEqual([]);
  });

  it('counts from where it was zeroed', () => {
    const { readings } = recordHold(HAND);
    const moved = readings.map((reading) => ({ ...reading, deg: reading.deg + 3 }));
    const [one, other] = [study(readings), study(moved, 3)];
    expect(other.meanDeg.value).toBeCloseTo(one.meanDeg.value, 6);
    expect(other.strokes).toHaveLength(one.strokes.length);
  });

  it('a phone whose top points to the edge sinks as the blade is lifted, and tells the same', () => {
    for (const scene of SETS.slice(0, 20)) {
      const { readings } = recordHold(scene);
      const about = readings.map((reading) => ({
        ...reading,
        deg: -reading.deg,
        turnDegPerS: -reading.turnDegPerS,
      }));
      const [one, other] = [study(readings), study(about)];
      expect(other.strokes.length).toBe(one.strokes.length);
      expect(other.meanDeg.value).toBeCloseTo(one.meanDeg.value, 6);
      expect(other.wobbleDeg!.value).toBeCloseTo(one.wobbleDeg!.value, 6);
      expect(other.strokes.map(({ way }) => way)).toEqual(one.strokes.map(({ way }) => way));
    }
  });

  it('tells no directions without acceleration, and counts strokes that are parted by lifts', () => {
    // Five strokes of a second, lifted high between them.
    const readings = Array.from({ length: 60 * 10 }, (_, k) => ({
      seconds: k / 60,
      deg: Math.floor(k / 60) % 2 === 0 ? 12 : 40,
      alongMs2: null,
      turnDegPerS: null,
    }));
    const { strokes, backSteeperDeg } = study(readings);
    expect(strokes).toHaveLength(5);
    expect(strokes.every(({ way }) => way === 'not told')).toBe(true);
    expect(backSteeperDeg).toBeNull();
  });
});
