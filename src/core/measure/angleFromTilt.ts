import { max } from 'd3-array';
import { robust } from './robust';
import { TILT_SENSOR_DEG } from './tilt';

/** One reading of a tilt: when, and how far from level. */
export interface TiltReading {
  seconds: number;
  deg: number;
}

/**
 * What the sensor was zeroed on: the bare stone that the edge then stands on, or the blade lying flat on it beneath the
 * sensor.
 */
export const TILT_ZEROS = ['bare-stone', 'blade-flat'] as const;
export type TiltZero = (typeof TILT_ZEROS)[number];

export interface TiltAngle {
  /** Per side. */
  angleDeg: number;
  /** One standard deviation. */
  sdDeg: number;
  /** Whether it lay still for the whole window. */
  still: boolean;
  /** Scatter in the window (degrees), and how long the readings go back in it (seconds). */
  scatterDeg: number;
  seconds: number;
}

/** The readings of the last so many seconds count; still is what scatters less than so much in them. */
export const STILL_SECONDS = 2;
export const STILL_DEG = 0.3;

/**
 * The angle (degrees per side) at which a blade stands on a stone, from a tilt sensor on its upper face. Zeroed on the
 * bare stone it reads θ + α, α the half taper of the face that it lies on; zeroed with the blade lying flat on its lower
 * face, θ − α. `turned` are readings with the sensor turned end for end: half the difference of both takes out its own
 * error, and half of what they part by is in the ±. Null without any reading.
 */
export function angleFromTilt(input: {
  readings: readonly TiltReading[];
  turned?: readonly TiltReading[];
  zeroDeg: number;
  zero: TiltZero;
  halfTaperDeg: number;
}): TiltAngle | null {
  const { readings, turned = [], zeroDeg, zero, halfTaperDeg } = input;
  const now = settled(readings);
  if (!now) return null;
  const other = settled(turned);
  const tiltDeg = (other ? (now.deg - other.deg) / 2 : now.deg) - zeroDeg;
  const partedDeg = other ? Math.abs(now.deg + other.deg) / 2 : 0;
  const angleDeg = Math.abs(tiltDeg) + (zero === 'bare-stone' ? -halfTaperDeg : halfTaperDeg);
  return {
    angleDeg,
    sdDeg: Math.hypot(now.scatterDeg, other?.scatterDeg ?? 0, TILT_SENSOR_DEG, partedDeg),
    still: now.seconds >= STILL_SECONDS * ALL_OF_IT && now.scatterDeg < STILL_DEG,
    scatterDeg: now.scatterDeg,
    seconds: now.seconds,
  };
}

/** A window counts as full from so much of it: readings come in steps. */
const ALL_OF_IT = 0.95;

/** The middle of the latest window of readings. */
function settled(readings: readonly TiltReading[]) {
  const last = max(readings, ({ seconds }) => seconds);
  if (last === undefined) return null;
  const window = readings.filter(({ seconds }) => seconds >= last - STILL_SECONDS);
  const { median, sd } = robust(window.map(({ deg }) => deg));
  return { deg: median, scatterDeg: sd, seconds: last - window[0]!.seconds };
}
