import type { HeldWay, Motion } from '../../domain/terms';
import { heldWay } from './heldWay';
import type { LadderAbrasive, LadderStep, WorkingFace } from './types';
import { PRIORS } from '../priors';

/** How the hand moves an abrasive over an edge. */
export interface Handling {
  held: HeldWay;
  motion: Motion;
  direction: LadderStep['direction'];
  strokeLengthMm: number;
  sections: number;
}

/** Length (mm) of one stroke of a motion on an abrasive. */
export function strokeLengthMm(motion: Motion, { lengthMm }: Pick<LadderAbrasive, 'lengthMm'>) {
  if (motion === 'circles') return PRIORS.circlePathMm.value;
  return Math.min(PRIORS.longestStrokeMm.value, 0.9 * lengthMm);
}

/**
 * Motion by tool, abrasive and weight of the work: circles of stones held on axes; scrubs on machetes and for
 * `heavy` work on stones (damage, thinning, flattening); sweeps else, leading on stones, trailing on
 * anything soft. The keeper's own school on stones comes first.
 */
export function handling(face: WorkingFace, abrasive: LadderAbrasive, heavy: boolean): Handling {
  const held = heldWay(face, abrasive);
  return { held, ...movedBy(face, abrasive, held, heavy) };
}

function movedBy(
  face: WorkingFace,
  abrasive: LadderAbrasive,
  held: HeldWay,
  heavy: boolean,
): Omit<Handling, 'held'> {
  const sweepMm = strokeLengthMm('sweeps', abrasive);
  const sections = Math.max(1, Math.round(face.edgeLengthMm / PRIORS.sectionMm.value));
  if (abrasive.kind === 'strop' || abrasive.form === 'paper') {
    return { motion: 'sweeps', direction: 'edge trailing', strokeLengthMm: sweepMm, sections: 1 };
  }
  if (abrasive.form === 'file') {
    return { motion: 'sweeps', direction: 'edge leading', strokeLengthMm: sweepMm, sections };
  }
  const { motion, direction } = face.practice;
  if (motion !== null) {
    return {
      motion,
      direction: direction ?? 'both ways',
      strokeLengthMm: strokeLengthMm(motion, abrasive),
      sections,
    };
  }
  if (face.toolForm === 'axe' && held === 'braced') {
    return {
      motion: 'circles',
      direction: 'both ways',
      strokeLengthMm: strokeLengthMm('circles', abrasive),
      sections,
    };
  }
  if (face.toolForm === 'machete' || heavy) {
    return { motion: 'back-and-forth', direction: 'both ways', strokeLengthMm: sweepMm, sections };
  }
  return { motion: 'sweeps', direction: 'edge leading', strokeLengthMm: sweepMm, sections: 1 };
}
