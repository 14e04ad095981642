import { SCALE_LIMITS } from '../../domain/terms';
import { inRange } from '../check';
import { FINEST_MESH, GRADE_TABLES, MESH_UM, type TabledScale } from './gradeTables';
import { COARSEST_UM, FINEST_UM, isTradeValue } from './particleSize';

/** The printed grade nearest to a size on one scale. */
export interface EquivalentGrade {
  scale: TabledScale | 'mesh';
  grade: number;
  sizeUm: number;
  tradeValue: boolean;
}

/**
 * The nearest printed grade on every scale for a particle size in µm: one line across the grit
 * ruler. Scales that do not reach so far (by more than a quarter) are left out.
 */
export function equivalentGrades(input: { sizeUm: number }): EquivalentGrade[] {
  const sizeUm = inRange(input.sizeUm, 'sizeUm', FINEST_UM, COARSEST_UM);
  const found: EquivalentGrade[] = [];
  for (const scale of Object.keys(GRADE_TABLES) as TabledScale[]) {
    const table = GRADE_TABLES[scale];
    const [grade, gradeUm] = table.reduce((best, row) =>
      distance(row[1], sizeUm) < distance(best[1], sizeUm) ? row : best,
    );
    if (distance(gradeUm, sizeUm) <= Math.log(1.25)) {
      found.push({ scale, grade, sizeUm: gradeUm, tradeValue: isTradeValue({ scale, grade }) });
    }
  }
  const mesh = MESH_UM / sizeUm;
  if (mesh >= SCALE_LIMITS.mesh[0] && mesh <= FINEST_MESH) {
    const grade = Math.round(mesh / 5) * 5;
    found.push({ scale: 'mesh', grade, sizeUm: MESH_UM / grade, tradeValue: false });
  }
  return found;
}

function distance(aUm: number, bUm: number): number {
  return Math.abs(Math.log(aUm / bUm));
}
