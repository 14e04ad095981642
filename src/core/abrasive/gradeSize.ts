import type { ShelfGrade } from '../../domain/grade';
import { particleSizeUm } from './particleSize';

/**
 * Particle size (µm) of a shelf record's grade; a range counts as its geometric mean.
 *
 * Throws a `RangeError` for a number outside its scale's table.
 */
export function gradeSizeUm(grade: ShelfGrade): number {
  switch (grade.scale) {
    case 'natural':
      return particleSizeUm({ scale: 'natural', grade: grade.named! });
    case 'range':
      return Math.sqrt(grade.finestUm! * grade.coarsestUm!);
    default:
      return particleSizeUm({ scale: grade.scale, grade: grade.number! });
  }
}
