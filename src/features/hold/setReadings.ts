import {
  angleFromTilt,
  STILL_DEG,
  tiltBetween,
  type Gravity,
  type HoldReading,
} from '../../core/measure';
import type { MotionReading } from '../../instruments';

/** It is over when it has lain still for so long (seconds), within this of where it was zeroed (degrees). */
const END_SECONDS = 2.5;
const LIES_DEG = 2;
/** A set longer than this ends by itself (seconds). */
const LONGEST_SECONDS = 240;

/** What was felt, as a tilt over where it was zeroed. */
export function readingsOf(felt: readonly MotionReading[], zero: Gravity): HoldReading[] {
  return felt.map(({ seconds, gravity, alongMs2, turnDegPerS }) => ({
    seconds,
    deg: tiltBetween(zero, gravity),
    alongMs2,
    turnDegPerS,
  }));
}

/** What was felt in the last so many seconds. */
export function latest(felt: readonly MotionReading[], within: number): MotionReading[] {
  const since = felt.at(-1)!.seconds - within;
  return felt.filter(({ seconds }) => seconds >= since);
}

/** Whether the set is over: it lies where it was zeroed, or has gone on for too long. */
export function isOver(readings: readonly HoldReading[]): boolean {
  const last = readings.at(-1);
  if (!last) return false;
  const lies = Math.abs(last.deg) < LIES_DEG && stillnessOf(readings, END_SECONDS) >= 1;
  return lies || last.seconds - readings[0]!.seconds > LONGEST_SECONDS;
}

/** How much of so many seconds it has lain still, up to 1; nothing while it moves. */
export function stillnessOf(readings: readonly HoldReading[], seconds: number): number {
  const last = readings.at(-1);
  if (!last) return 0;
  const window = readings.filter((reading) => reading.seconds >= last.seconds - seconds);
  const { scatterDeg } = angleFromTilt({
    readings: window,
    zeroDeg: 0,
    zero: 'bare-stone',
    halfTaperDeg: 0,
  })!;
  if (scatterDeg > STILL_DEG || !liesStill(window)) return 0;
  return Math.min(1, (last.seconds - window[0]!.seconds) / (0.97 * seconds));
}

/** Nothing of a hand moves it more than this (degrees) while it lies. */
const STIRS_DEG = 1.2;

function liesStill(window: readonly HoldReading[]): boolean {
  const degs = window.map(({ deg }) => deg);
  return Math.max(...degs) - Math.min(...degs) < STIRS_DEG;
}
