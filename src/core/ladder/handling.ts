import type { Motion } from '../../domain/terms';
import type { LadderAbrasive, LadderStep, WorkingFace } from './types';

/** How the hand moves an abrasive over an edge. */
export interface Handling {
  motion: Motion;
  direction: LadderStep['direction'];
  strokeLengthMm: number;
  sections: number;
}

/** Path of one small circle on an axe bit: about 30 mm across. */
const CIRCLE_PATH_MM = 95;
/** Longest comfortable stroke of the arm. */
const LONGEST_STROKE_MM = 150;
/** An edge longer than this is worked in sections. */
const SECTION_MM = 120;

/**
 * Motion by tool, abrasive and weight of the work: circles on axes; scrubs on machetes and for
 * `heavy` work on stones (damage, thinning, flattening); sweeps else, leading on stones, trailing on
 * anything soft. The keeper's own school on stones comes first.
 */
export function handling(face: WorkingFace, abrasive: LadderAbrasive, heavy: boolean): Handling {
  const sweepMm = Math.min(LONGEST_STROKE_MM, 0.9 * abrasive.lengthMm);
  const sections = Math.max(1, Math.round(face.edgeLengthMm / SECTION_MM));
  if (abrasive.kind === 'strop' || abrasive.form === 'paper') {
    return { motion: 'sweeps', direction: 'edge trailing', strokeLengthMm: sweepMm, sections: 1 };
  }
  if (abrasive.form === 'file') {
    return { motion: 'sweeps', direction: 'edge leading', strokeLengthMm: sweepMm, sections };
  }
  const { motion, direction } = face.practice;
  if (motion !== null) {
    const strokeLengthMm = motion === 'circles' ? CIRCLE_PATH_MM : sweepMm;
    return { motion, direction: direction ?? 'both ways', strokeLengthMm, sections };
  }
  if (face.toolForm === 'axe') {
    return { motion: 'circles', direction: 'both ways', strokeLengthMm: CIRCLE_PATH_MM, sections };
  }
  if (face.toolForm === 'machete' || heavy) {
    return { motion: 'back-and-forth', direction: 'both ways', strokeLengthMm: sweepMm, sections };
  }
  return { motion: 'sweeps', direction: 'edge leading', strokeLengthMm: sweepMm, sections: 1 };
}
