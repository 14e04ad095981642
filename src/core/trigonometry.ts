/** Trigonometry in degrees, the unit of every angle in the core. */

const DEGREES = 180 / Math.PI;

export const radians = (deg: number): number => deg / DEGREES;
export const sinDeg = (deg: number): number => Math.sin(deg / DEGREES);
export const cosDeg = (deg: number): number => Math.cos(deg / DEGREES);
export const tanDeg = (deg: number): number => Math.tan(deg / DEGREES);
export const asinDeg = (ratio: number): number => Math.asin(ratio) * DEGREES;
export const atanDeg = (ratio: number): number => Math.atan(ratio) * DEGREES;
