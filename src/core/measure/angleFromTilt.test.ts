/** @jest-environment node */
import fc from 'fast-check';
import { Draws } from '../random';
import { angleFromTilt, type TiltReading, type TiltZero } from './angleFromTilt';
import { gravityOf, tiltBetween, type Gravity } from './tilt';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Readings of a hand that comes to rest: three seconds of search, then stillness with a sensor's noise. */
function comingToRest(deg: number, draws: Draws, noiseDeg = 0.08): TiltReading[] {
  return Array.from({ length: 300 }, (_, i) => {
    const seconds = i / 60;
    const searchDeg = seconds < 2.9 ? 3 * Math.sin(5 * seconds) : 0;
    return { seconds, deg: deg + searchDeg + noiseDeg * draws.normal() };
  });
}

describe('the angle from a tilt', () => {
  it('is what the blade stands at, whichever way it was zeroed', () => {
    const edge = fc.record({
      angleDeg: between(8, 40),
      halfTaperDeg: between(0, 6),
      stoneDeg: between(-8, 8),
      biasDeg: between(-2, 2),
      seed: fc.nat(1e6),
    });
    fc.assert(
      fc.property(edge, ({ angleDeg, halfTaperDeg, stoneDeg, biasDeg, seed }) => {
        const draws = new Draws(seed);
        // On the upper face of a blade whose centre plane stands at θ the sensor reads θ + α, and its own error.
        const upperDeg = stoneDeg + angleDeg + halfTaperDeg + biasDeg;
        const zeroed: Record<TiltZero, number> = {
          'bare-stone': stoneDeg + biasDeg,
          // Flat on its lower face the upper one leans by the whole taper.
          'blade-flat': stoneDeg + 2 * halfTaperDeg + biasDeg,
        };
        for (const zero of ['bare-stone', 'blade-flat'] as const) {
          const readings = comingToRest(upperDeg, draws);
          const found = angleFromTilt({ readings, zeroDeg: zeroed[zero], zero, halfTaperDeg })!;
          expect(Math.abs(found.angleDeg - angleDeg)).toBeLessThan(0.1);
          expect(found.still).toBe(true);
          expect(found.sdDeg).toBeGreaterThan(0.2);
          expect(found.sdDeg).toBeLessThan(0.3);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('costs twice the half taper where the zero is told wrongly', () => {
    const readings = comingToRest(20, new Draws(1));
    const at = (zero: TiltZero) =>
      angleFromTilt({ readings, zeroDeg: 0, zero, halfTaperDeg: 1.9 })!.angleDeg;
    expect(at('blade-flat') - at('bare-stone')).toBeCloseTo(3.8, 9);
  });

  it('takes out the sensor’s own error once it was turned end for end, and says how much that was', () => {
    const draws = new Draws(3);
    const [angleDeg, biasDeg] = [17.6, 0.4];
    const found = angleFromTilt({
      readings: comingToRest(angleDeg + biasDeg, draws),
      turned: comingToRest(-angleDeg + biasDeg, draws),
      zeroDeg: 0,
      zero: 'bare-stone',
      halfTaperDeg: 0,
    })!;
    expect(found.angleDeg).toBeCloseTo(angleDeg, 1);
    expect(found.sdDeg).toBeGreaterThan(biasDeg);
  });

  it('is not still in a hand that moves, nor before the time is up, and nothing without a reading', () => {
    const draws = new Draws(5);
    const tilt = { zeroDeg: 0, zero: 'bare-stone', halfTaperDeg: 0 } as const;
    const shaky = comingToRest(15, draws, 0.6);
    expect(angleFromTilt({ readings: shaky, ...tilt })!.still).toBe(false);
    const short = comingToRest(15, draws).slice(-60);
    expect(angleFromTilt({ readings: short, ...tilt })!.still).toBe(false);
    expect(angleFromTilt({ readings: [], ...tilt })).toBeNull();
  });
});

describe('the whole tilt', () => {
  /** A device that lies level, turned in its plane by ψ, then tilted by a stone about one axis of the world. */
  const lying = (tiltDeg: number, yawDeg: number): Gravity => {
    const [tilt, yaw] = [(tiltDeg * Math.PI) / 180, (yawDeg * Math.PI) / 180];
    return {
      x: -Math.sin(tilt) * Math.sin(yaw),
      y: -Math.sin(tilt) * Math.cos(yaw),
      z: -Math.cos(tilt),
    };
  };

  it('is the same however askew the phone lies, where its pitch alone would read too little', () => {
    fc.assert(
      fc.property(between(1, 60), between(-44, 44), (tiltDeg, yawDeg) => {
        expect(tiltBetween(lying(0, yawDeg), lying(tiltDeg, yawDeg))).toBeCloseTo(tiltDeg, 6);
        expect(tiltBetween(lying(0, yawDeg), lying(-tiltDeg, yawDeg))).toBeCloseTo(-tiltDeg, 6);
      }),
    );
    const { y } = lying(15, 20);
    expect((-Math.asin(y) * 180) / Math.PI).toBeCloseTo(14.08, 2);
  });

  it('follows the angles of a device: top up is above zero', () => {
    const flat = gravityOf({ betaDeg: 0, gammaDeg: 0 });
    expect(tiltBetween(flat, gravityOf({ betaDeg: 20, gammaDeg: 0 }))).toBeCloseTo(20, 9);
    expect(tiltBetween(flat, gravityOf({ betaDeg: -20, gammaDeg: 0 }))).toBeCloseTo(-20, 9);
    expect(Math.abs(tiltBetween(flat, gravityOf({ betaDeg: 0, gammaDeg: 12 })))).toBeCloseTo(12, 9);
  });

  it('is counted from where it was zeroed, level or not', () => {
    fc.assert(
      fc.property(between(-20, 20), between(1, 40), (stoneDeg, tiltDeg) => {
        expect(tiltBetween(lying(stoneDeg, 0), lying(stoneDeg + tiltDeg, 0))).toBeCloseTo(
          tiltDeg,
          6,
        );
      }),
    );
  });
});
