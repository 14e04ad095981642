import { FILE_LIMIT_HRC } from '../wear';
import type { LadderAbrasive, WorkingFace } from './types';

/** The shortest surface that a knife, axe or machete edge can be worked on. */
const SHORTEST_MM = { knife: 40, axe: 40, machete: 50 } as const;

/** Why an abrasive cannot work this face, in words; null when it can. */
export function whyUnfit(abrasive: LadderAbrasive, face: WorkingFace): string | null {
  if (abrasive.lengthMm < SHORTEST_MM[face.toolForm]) {
    return `too short: ${face.toolForm} edges need ${SHORTEST_MM[face.toolForm]} mm of surface`;
  }
  if (abrasive.kind === 'strop') {
    const curved = face.contour === 'recurve';
    return curved && abrasive.backing === 'hard'
      ? 'a flat hard strop touches only the ends of a hollow edge'
      : null;
  }
  if (abrasive.family === 'smooth-steel') return 'it lays an edge straight and removes nothing';
  if (abrasive.lubricant === null) return 'none of its lubricants is at hand';
  if (face.contour === 'recurve' && abrasive.form !== 'rod' && abrasive.form !== 'paper') {
    return 'a flat stone touches only the ends of a hollow edge';
  }
  if (face.toolForm !== 'knife' && abrasive.form === 'bench-stone') {
    return 'the tool is too long for a stone on the bench: use one held in the hand';
  }
  if (abrasive.form === 'file') {
    if (face.hardnessHrc > FILE_LIMIT_HRC) return `files skate above ${FILE_LIMIT_HRC} HRC`;
    if (face.toolForm === 'knife') return 'files are kept for axes and machetes';
  }
  return null;
}
