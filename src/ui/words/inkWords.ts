import type { HoldGuide, InkAnswer } from '../../core/hold';
import type { InkSeen } from '../../domain/terms';
import { deg, mm } from '../format';
import { holdInShort } from './holdWords';

/** What each sight means, as a choice to tap. */
export const INK_WORDS: Record<InkSeen, string> = {
  'gone to the edge': 'gone, to the very edge',
  'left at the edge': 'still there at the edge',
  'gone at the edge alone': 'gone at the edge alone',
  'left in the middle': 'still there in the middle of the arc',
  'left at the shoulder': 'still there at the shoulder',
};

/** What ink says of a hold: what to change, or that it is right. `sparesEdge`: ink at the very edge is to stay. */
export function inkWords(answer: InkAnswer, guide: HoldGuide, sparesEdge: boolean): string {
  switch (answer.says) {
    case 'held so':
      return sparesEdge
        ? 'It works behind the edge and spares it: hold it so.'
        : 'It reaches the edge: hold it so.';
    case 'go on':
      return 'The new face is not through yet: hold it so, and go on.';
    case 'done':
      return 'The new face runs through to the edge: it is done here.';
    case 'no other':
      return 'Hold it as it is: this edge allows no other angle.';
    case 'facet':
      return `Work that facet: ${deg(answer.angleDeg)} per side. ${holdInShort(answer.guide)}. Then ink across and look again.`;
    case 'turn': {
      const { turnDeg, byMm } = answer;
      const move = turnDeg > 0 ? 'Raise' : 'Lower';
      const by = byMm === null || byMm === 0 ? '' : ` ${mm(Math.abs(byMm))},`;
      const why = sparesEdge ? 'It grinds the edge itself away. ' : '';
      return `${why}${move} ${moved(guide)} by${by} ${deg(Math.abs(turnDeg))}; then ink again and look.`;
    }
  }
}

/** What goes up or down. */
function moved(guide: HoldGuide): string {
  switch (guide.way) {
    case 'lift the spine':
      return 'the spine';
    case 'lay it flat':
      return guide.lies === 'the stone' ? 'the back end of the stone' : 'the spine';
    case 'tilt the stone':
      return 'the back end of the stone';
    case 'draw it over':
      return 'the strop';
  }
}
