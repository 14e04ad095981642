/**
 * Where A·exp(−n/τ) + B·n is lowest: n* = τ·ln(A/(B·τ)); infinite where nothing is added stroke by
 * stroke, 0 where every stroke does harm. A and B in one unit, whichever it is.
 */
export function lowestCount(decaying: number, perStroke: number, tau: number): number {
  if (perStroke === 0) return decaying > 0 ? Infinity : 0;
  const gain = decaying / (perStroke * tau);
  return gain <= 1 ? 0 : tau * Math.log(gain);
}
