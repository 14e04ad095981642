const { PI, asin, atan, cos, sin, tan } = Math;
/** Trigonometry in degrees, the unit of every angle in the core. */

const DEGREES = 180 / PI;

export const radians = (deg: number): number => deg / DEGREES;
export const sinDeg = (deg: number): number => sin(deg / DEGREES);
export const cosDeg = (deg: number): number => cos(deg / DEGREES);
export const tanDeg = (deg: number): number => tan(deg / DEGREES);
export const asinDeg = (ratio: number): number => asin(ratio) * DEGREES;
export const atanDeg = (ratio: number): number => atan(ratio) * DEGREES;
