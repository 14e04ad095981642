/** Φ(z), within 1.5·10⁻⁷ (Abramowitz and Stegun 7.1.26). */
export function normalCdf(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const poly =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const erf = 1 - poly * Math.exp(-x * x);
  return z < 0 ? (1 - erf) / 2 : (1 + erf) / 2;
}

/** Density of a normal at x, without its constant. */
export function bell(x: number, mean: number, sd: number): number {
  return Math.exp(-0.5 * ((x - mean) / sd) ** 2);
}

/** Seven points and weights that stand for a standard normal (Gauss and Hermite). */
export const NORMAL_POINTS: readonly (readonly [at: number, weight: number])[] = [
  [-3.750439717725742, 0.000548268855972],
  [-2.366759410734541, 0.030757123967586],
  [-1.154405394739968, 0.240123178605013],
  [0, 0.457142857142857],
  [1.154405394739968, 0.240123178605013],
  [2.366759410734541, 0.030757123967586],
  [3.750439717725742, 0.000548268855972],
];
