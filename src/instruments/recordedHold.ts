import { Draws } from '../core/random';

/** A hand to be made up: a set of strokes between two times of lying still. Angles in degrees. */
export interface HoldScene {
  /** At which it holds in the mean, over where it lay. */
  angleDeg: number;
  /** Scatter of its strokes, one standard deviation. */
  wobbleDeg: number;
  /** How much steeper the last stroke is than the first. */
  driftDeg: number;
  /** How much steeper the back strokes are. */
  backSteeperDeg: number;
  /** How much it is lifted at the far end of each stroke, for belly and tip; nothing where nobody says. */
  bellyLiftDeg?: number;
  strokes: number;
  perMinute: number;
  seed: number;
}

/** What the sensors of a phone on a lath would say, 60 times a second. */
export interface HoldMoment {
  seconds: number;
  /** Tilt from where it lies flat, by its level: strokes shake it. */
  deg: number;
  alongMs2: number;
  turnDegPerS: number;
}

export interface RecordedHold {
  readings: HoldMoment[];
  /** The mean angle of each stroke, out and back in turns. */
  truthDeg: number[];
}

/** Readings a second. */
export const RATE_HZ = 60;
const STROKE_M = 0.095;
const STILL_SECONDS = 4;
const LIFT_SECONDS = 1;
const GRAVITY_MS2 = 9.81;
/** What a phone's sensors add of their own. */
const LEVEL_NOISE_DEG = 0.12;
const TURN_NOISE_DEG_PER_S = 0.6;
const TURN_BIAS_DEG_PER_S = 0.3;
const ALONG_NOISE_MS2 = 0.12;
/** The handle is lifted between these shares of a stroke. */
const BELLY_FROM = 0.5;
const BELLY_TO = 0.69;
/** Within a stroke a wrist rolls a little. */
const ROLL_DEG = 0.5;

/** Makes the readings of a set by a seed: the same seed, the same readings. */
export function recordHold(scene: HoldScene): RecordedHold {
  const { angleDeg, wobbleDeg, driftDeg, backSteeperDeg, strokes, perMinute, seed } = scene;
  const { bellyLiftDeg = 0 } = scene;
  const draws = new Draws(seed);
  const each = 60 / perMinute;
  const truthDeg = Array.from({ length: strokes }, (_, i) => {
    const along = strokes > 1 ? i / (strokes - 1) - 0.5 : 0;
    const back = i % 2 === 1 ? backSteeperDeg / 2 : -backSteeperDeg / 2;
    return angleDeg + wobbleDeg * draws.normal() + driftDeg * along + back;
  });
  const rolls = truthDeg.map(() => ROLL_DEG * draws.normal());
  const begins = STILL_SECONDS + LIFT_SECONDS;
  const ends = begins + strokes * each;
  /** Angle, and acceleration along the stroke, at a moment. */
  const at = (t: number): { deg: number; ms2: number } => {
    if (t < STILL_SECONDS || t > ends + LIFT_SECONDS) return { deg: 0, ms2: 0 };
    if (t < begins)
      return { deg: truthDeg[0]! * smooth((t - STILL_SECONDS) / LIFT_SECONDS), ms2: 0 };
    if (t > ends)
      return { deg: truthDeg.at(-1)! * (1 - smooth((t - ends) / LIFT_SECONDS)), ms2: 0 };
    const i = Math.min(strokes - 1, Math.floor((t - begins) / each));
    const share = (t - begins) / each - i;
    // A new angle is found around the turn, where the stone stands still.
    const before = share < 0.1 && i > 0 ? truthDeg[i - 1]! : truthDeg[i]!;
    const next = share > 0.9 && i < strokes - 1 ? truthDeg[i + 1]! : truthDeg[i]!;
    const turned =
      share < 0.1
        ? before + (truthDeg[i]! - before) * smooth(0.5 + share / 0.2)
        : truthDeg[i]! + (next - truthDeg[i]!) * smooth((share - 0.9) / 0.2);
    const toTip = i % 2 === 0 ? share : 1 - share;
    const lifted = bellyLiftDeg * smooth((toTip - BELLY_FROM) / (BELLY_TO - BELLY_FROM));
    const deg = turned + lifted + rolls[i]! * Math.sin(2 * Math.PI * share);
    const fastest = (Math.PI * STROKE_M) / (2 * each);
    const ms2 = (i % 2 === 0 ? 1 : -1) * fastest * (Math.PI / each) * Math.cos(Math.PI * share);
    return { deg, ms2 };
  };
  const total = ends + LIFT_SECONDS + STILL_SECONDS;
  const readings = Array.from({ length: Math.round(total * RATE_HZ) }, (_, k) => {
    const seconds = k / RATE_HZ;
    const { deg, ms2 } = at(seconds);
    const turn = (at(seconds + 0.5 / RATE_HZ).deg - at(seconds - 0.5 / RATE_HZ).deg) * RATE_HZ;
    const shaken = (Math.atan2(ms2, GRAVITY_MS2) * 180) / Math.PI;
    return {
      seconds,
      deg: deg + shaken + LEVEL_NOISE_DEG * draws.normal(),
      alongMs2: ms2 + ALONG_NOISE_MS2 * draws.normal(),
      turnDegPerS: turn + TURN_BIAS_DEG_PER_S + TURN_NOISE_DEG_PER_S * draws.normal(),
    };
  });
  return { readings, truthDeg };
}

const smooth = (share: number): number => {
  const s = Math.min(1, Math.max(0, share));
  return s * s * (3 - 2 * s);
};
