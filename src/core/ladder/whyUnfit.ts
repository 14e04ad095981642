import { FAMILIES } from '../../domain/families';
import type { AbrasiveForm } from '../../domain/terms';
import { FILE_LIMIT_HRC } from '../wear';
import type { LadderAbrasive, LadderStrop, UnfitReason, WorkingFace } from './types';
import { PRIORS } from '../priors';

/** The shortest surface that a knife, axe or machete edge can be worked on. */
const SHORTEST_MM = { knife: 40, axe: 40, machete: 50 } as const;

/** Bodies that follow a hollow edge. */
const REACHES_HOLLOWS: readonly AbrasiveForm[] = ['rod', 'steel', 'paper'];

/** Whether a strop reaches into a hollow edge: what is soft, hangs, or is curved itself; a flat board does not. */
function followsHollows({ backing, form }: LadderStrop): boolean {
  const gives = backing === 'soft' || backing === 'slack';
  return gives || form === 'curved-block' || form === 'belt' || form === 'hanging-strop';
}

/** Why an abrasive cannot work this face; null when it can. */
export function whyUnfit(abrasive: LadderAbrasive, face: WorkingFace): UnfitReason | null {
  const { toolForm, contour } = face;
  const needsMm = SHORTEST_MM[toolForm];
  if (abrasive.lengthMm < needsMm) return { kind: 'too short', toolForm, needsMm };
  if (abrasive.kind === 'strop') {
    const hollow = contour === 'recurve' && !followsHollows(abrasive);
    return hollow ? { kind: 'hard strop on a hollow edge' } : null;
  }
  if (FAMILIES[abrasive.family].does === 'scrapes') return { kind: 'scrapes' };
  if (FAMILIES[abrasive.family].does === 'straightens') return { kind: 'removes nothing' };
  if (abrasive.lubricant === null) return { kind: 'no lubricant' };
  const bends =
    REACHES_HOLLOWS.includes(abrasive.form) || abrasive.widthMm <= PRIORS.narrowMm.value;
  if (contour === 'recurve' && !bends) {
    return { kind: 'flat stone on a hollow edge' };
  }
  if (abrasive.form === 'file') {
    if (face.hardnessHrc > FILE_LIMIT_HRC) {
      return { kind: 'file skates', limitHrc: FILE_LIMIT_HRC };
    }
    if (toolForm === 'knife') return { kind: 'file on a knife' };
  }
  return null;
}
