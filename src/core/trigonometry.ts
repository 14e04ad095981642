/** Trigonometry in degrees, the unit of every angle in the core. */

// Looked up once: these are called millions of times.
const { PI, asin, atan, cos, sin, tan } = Math;

const DEGREES = 180 / PI;

export const radians = (deg: number): number => deg / DEGREES;
export const sinDeg = (deg: number): number => sin(deg / DEGREES);
export const cosDeg = (deg: number): number => cos(deg / DEGREES);
export const tanDeg = (deg: number): number => tan(deg / DEGREES);
export const asinDeg = (ratio: number): number => asin(ratio) * DEGREES;
export const atanDeg = (ratio: number): number => atan(ratio) * DEGREES;
