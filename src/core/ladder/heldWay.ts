import type { AbrasiveForm, HeldWay } from '../../domain/terms';
import type { LadderAbrasive, WorkingFace } from './types';

type Face = Pick<WorkingFace, 'toolForm' | 'isFine' | 'practice'>;

/** Bodies that lie under the tool by themselves, and those that are held in a hand. */
const LIE: readonly AbrasiveForm[] = ['bench-stone', 'plate', 'paper'];

/**
 * How tool and abrasive meet where nobody says otherwise: axes and the chopping stretch of a machete are braced and
 * the stone moves over them; on anything else what lies is laid down, and what fits a hand is held. A stone of the
 * bench is always laid down. The keeper's own school comes first.
 */
function usualHeldWay(face: Face, abrasive: LadderAbrasive): HeldWay {
  const { moves } = face.practice;
  if (abrasive.kind === 'strop') return movesOver(face) ? 'braced' : 'laid down';
  if (abrasive.form === 'file') return 'braced';
  if (abrasive.form === 'bench-stone') return 'laid down';
  if (movesOver(face)) return 'braced';
  if (LIE.includes(abrasive.form)) return 'laid down';
  return moves === 'the tool on the stone' && face.toolForm !== 'knife'
    ? 'laid down'
    : 'in the hand';
}

/** Whether stones move over this tool, as its kind, its stretch and its keeper have it. */
function movesOver({ toolForm, isFine, practice }: Face): boolean {
  if (practice.moves !== 'by tool') return practice.moves === 'the stone over a clamped tool';
  return toolForm === 'axe' || (toolForm === 'machete' && !isFine);
}

/** How things meet a tool of which no thing in particular is known: what a card or an adviser speaks of. */
export function generalHeldWay(face: Face): HeldWay {
  return movesOver(face) ? 'braced' : 'laid down';
}

/** The ways that are open, the usual one among them: what lies steady may be laid down, what fits a hand held. */
export function openHeldWays(face: Face, abrasive: LadderAbrasive): HeldWay[] {
  if (abrasive.kind === 'strop') return [usualHeldWay(face, abrasive)];
  const isKnife = face.toolForm === 'knife';
  switch (abrasive.form) {
    case 'file':
      return ['braced'];
    case 'bench-stone':
      return ['laid down'];
    case 'plate':
    case 'paper':
      return isKnife ? ['laid down', 'in the hand'] : ['braced', 'laid down'];
    case 'pocket-stone':
    case 'puck':
      return isKnife ? ['in the hand', 'laid down'] : ['braced', 'laid down'];
    default:
      return isKnife ? ['in the hand'] : face.isFine ? ['in the hand', 'braced'] : ['braced'];
  }
}

/** How an abrasive is held: as the person says, where that is open, else as is usual. */
export function heldWay(face: Face, abrasive: LadderAbrasive): HeldWay {
  const asked = abrasive.kind === 'stone' ? abrasive.held : null;
  return asked && openHeldWays(face, abrasive).includes(asked)
    ? asked
    : usualHeldWay(face, abrasive);
}
