import { notNegative } from '../check';

/**
 * Steel left to sharpen away (mm), and how long it lasts at the present pace.
 *
 * `depthMm` is the blade's width or the depth of hardened bit now, `reserveMm` what must remain.
 * `Infinity` where the log shows no recession yet.
 */
export function steelBudget(input: {
  depthMm: number;
  reserveMm: number;
  recessionPerTouchUpMm: number;
  touchUpsPerYear: number;
}): { leftMm: number; touchUps: number; years: number } {
  const depthMm = notNegative(input.depthMm, 'depthMm');
  const leftMm = Math.max(0, depthMm - notNegative(input.reserveMm, 'reserveMm'));
  const eachMm = notNegative(input.recessionPerTouchUpMm, 'recessionPerTouchUpMm');
  const pace = notNegative(input.touchUpsPerYear, 'touchUpsPerYear');
  const touchUps = eachMm === 0 ? Infinity : Math.floor(leftMm / eachMm);
  return { leftMm, touchUps, years: pace === 0 ? Infinity : touchUps / pace };
}
