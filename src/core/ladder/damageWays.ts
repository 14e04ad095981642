import type { DamageWay } from '../../domain/terms';
import type { Session } from '../../domain/session';
import { BAND_ABOVE_DEG } from '../wear';
import type { WorkingFace } from './types';
import { PRIORS } from '../priors';

/** No edge stands steeper than this per side. */
const STEEPEST_DEG = 60;

/** Whether a narrow band, held steeper, is possible on a face at all. */
export function takesBand({ angleDeg }: Pick<WorkingFace, 'angleDeg'>): boolean {
  return angleDeg + BAND_ABOVE_DEG <= STEEPEST_DEG;
}

/** The ways that are open to damage on a face. */
export function openDamageWays(face: Pick<WorkingFace, 'angleDeg'>): DamageWay[] {
  return takesBand(face) ? ['narrow band', 'whole face', 'leave it'] : ['whole face', 'leave it'];
}

/**
 * What is usually done about damage: small chips of chopping tools are left; the whole face of a
 * bevel that runs flat to its apex is ground at the bench, which keeps its guide; anything else gets
 * a narrow band.
 */
export function usualDamageWay(input: {
  face: WorkingFace;
  depthMm: number;
  where: Session['where'];
}): DamageWay {
  const { face, depthMm, where } = input;
  if (face.toolForm !== 'knife' && depthMm <= PRIORS.chipLeftMm.value) return 'leave it';
  if ((face.zeroGround && where === 'bench') || !takesBand(face)) return 'whole face';
  return 'narrow band';
}
