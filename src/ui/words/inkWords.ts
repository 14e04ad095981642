import type { Diagnosis, HoldGuide } from '../../core';
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

/** A facet of an arc that the strokes have missed, and how it is held. */
export function facetAnswer(angleDeg: number, hold: HoldGuide): string {
  return `Work that facet: ${deg(angleDeg)} per side. ${holdInShort(hold)}. Then ink across and look again.`;
}

/** What to change: raise 0.6 mm, 2°. `held` is what goes up or down. */
export function inkAnswer(seen: InkSeen, held: string, found: Diagnosis | null): string {
  if (seen === 'gone to the edge') return 'It reaches the edge: hold it so.';
  const { turnDeg = 0, liftMm = null } = found ?? {};
  if (turnDeg === 0) return 'Hold it as it is: this edge allows no other angle.';
  const move = turnDeg > 0 ? 'Raise' : 'Lower';
  const by = liftMm === null ? '' : ` ${mm(Math.abs(liftMm))},`;
  return `${move} ${held} by${by} ${deg(Math.abs(turnDeg))}; then ink again and look.`;
}
