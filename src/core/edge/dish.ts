import { notNegative, positive } from '../check';
import { atanDeg } from '../trigonometry';

/**
 * Angle error (degrees) at the ends of a stone hollow, or a belt sagging, by `sagMm` over
 * `lengthMm`: atan(4·s/L).
 */
export function dishAngleError(input: { sagMm: number; lengthMm: number }): number {
  return atanDeg((4 * notNegative(input.sagMm, 'sagMm')) / positive(input.lengthMm, 'lengthMm'));
}
