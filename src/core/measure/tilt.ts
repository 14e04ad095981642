import { mean } from 'd3-array';
import { PRIORS } from '../priors';

/** The pull of the earth in a device's own axes: x across its screen, y up along it, z out of it. Any unit. */
export interface Gravity {
  x: number;
  y: number;
  z: number;
}

/** A device that lies level, its screen up. */
export const LEVEL: Gravity = { x: 0, y: 0, z: -1 };

/** The pull in the middle of some moments, so that one tremor is no nought; that of a level device without any. */
export function meanGravity(felt: readonly Gravity[]): Gravity {
  if (felt.length === 0) return LEVEL;
  return {
    x: mean(felt, ({ x }) => x)!,
    y: mean(felt, ({ y }) => y)!,
    z: mean(felt, ({ z }) => z)!,
  };
}

/**
 * The pull of the earth as a device that is turned by β about its x axis and γ about its y axis feels it (degrees; the
 * angles of the web's device orientation).
 */
export function gravityOf({ betaDeg, gammaDeg }: { betaDeg: number; gammaDeg: number }): Gravity {
  const beta = (betaDeg * Math.PI) / 180;
  const gamma = (gammaDeg * Math.PI) / 180;
  return {
    x: Math.cos(beta) * Math.sin(gamma),
    y: -Math.sin(beta),
    z: -Math.cos(beta) * Math.cos(gamma),
  };
}

/**
 * The whole tilt (degrees) from one lie of a device to another, not its pitch alone: askew by 20°, pitch would read 15°
 * as 14.08°. Above zero where its top rose, or, where it tilts across, its right side.
 */
export function tiltBetween(from: Gravity, to: Gravity): number {
  const cross = {
    x: from.y * to.z - from.z * to.y,
    y: from.z * to.x - from.x * to.z,
    z: from.x * to.y - from.y * to.x,
  };
  const sin = Math.hypot(cross.x, cross.y, cross.z);
  const cos = from.x * to.x + from.y * to.y + from.z * to.z;
  const deg = (180 / Math.PI) * Math.atan2(sin, cos);
  const isAlong = Math.abs(cross.x) >= Math.abs(cross.y);
  // With the screen up, a top that rises pulls the earth towards the foot: turned about −x as seen from the device.
  return (isAlong ? -cross.x : -cross.y) < 0 ? -deg : deg;
}

/** How far off a phone's level is, once it is zeroed (degrees, prior: no phone has been recorded yet). */
export const TILT_SENSOR_DEG = PRIORS.tiltSensorDeg.value;
