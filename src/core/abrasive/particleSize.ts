import {
  DENSITY_LIMITS,
  SCALE_LIMITS,
  type NamedGrade,
  type NumberedScale,
} from '../../domain/terms';
import { inRange } from '../check';
import {
  DENSITY_TABLE,
  FINEST_MESH,
  GRADE_TABLES,
  MESH_UM,
  NAMED_SIZES_UM,
  TRADE_VALUES,
  type GradeRow,
} from './gradeTables';

/** A grade as it is printed on the thing: a number on a numbered scale, or a name. */
export type Grade =
  | { scale: NumberedScale; grade: number }
  /** Density of a novaculite in g/ml. */
  | { scale: 'density'; grade: number }
  | { scale: 'natural'; grade: NamedGrade };

/** Abrasives and compounds are taken to lie between these sizes (µm). */
export const FINEST_UM = 0.05;
export const COARSEST_UM = 2000;

/**
 * Median particle size (µm) of a grade, log-log between the entries of its standard's table.
 *
 * Throws a `RangeError` outside the table. Diamond mesh goes by 14 900 / mesh on beyond 600, where
 * sellers' labels differ: see `isTradeValue`.
 */
export function particleSizeUm(input: Grade): number {
  if (input.scale === 'natural') {
    const sizeUm = NAMED_SIZES_UM[input.grade];
    if (sizeUm === undefined) {
      throw new RangeError(
        `grade must be one of ${Object.keys(NAMED_SIZES_UM).join(', ')}, got ${input.grade}`,
      );
    }
    return sizeUm;
  }
  if (input.scale === 'density') {
    const [loosest, densest] = DENSITY_LIMITS;
    return interpolate(DENSITY_TABLE, inRange(input.grade, 'grade', loosest, densest));
  }
  const { scale, grade } = input;
  if (scale === 'micron') return inRange(grade, 'grade', FINEST_UM, COARSEST_UM);
  if (scale === 'mesh') {
    const [coarsest, finest] = SCALE_LIMITS.mesh;
    return MESH_UM / inRange(grade, 'grade', coarsest, finest);
  }
  const table = GRADE_TABLES[scale];
  if (!table) throw new RangeError(`scale must be a known grade scale, got ${String(scale)}`);
  inRange(grade, 'grade', table[0]![0], table.at(-1)![0]);
  return interpolate(table, grade);
}

/** Whether a grade lies beyond its published standard, where sellers set the size. */
export function isTradeValue(input: Grade): boolean {
  const { scale } = input;
  if (scale === 'natural' || scale === 'density' || scale === 'micron') return false;
  if (scale === 'mesh') return input.grade > FINEST_MESH;
  const finest = TRADE_VALUES[scale];
  return finest !== undefined && input.grade > finest;
}

/** Log-log between the entries on either side; beyond the ends of a table its last stretch goes on. */
function interpolate(table: readonly GradeRow[], grade: number): number {
  const next = table.findIndex(([g]) => g >= grade);
  const above = next === -1 ? table.length - 1 : Math.max(1, next);
  const [g1, d1] = table[above]!;
  const [g0, d0] = table[above - 1]!;
  const share = Math.log(grade / g0) / Math.log(g1 / g0);
  return d0 * (d1 / d0) ** share;
}
