import type { HandLean } from '../../../core/hold/index';
import { deg, fineMm } from '../../../ui/format';
import { counted } from '../../../ui/words/counted';

const WHO: Record<HandLean['of'], string> = {
  left: 'Your left hand holds',
  right: 'Your right hand holds',
  'back strokes': 'Your back strokes come',
};

/** How a hand leans by its practised sets, and what takes it out of the hold, in degrees and in mm of lift. */
export function leanWords({ of, steeperDeg, turnDeg, byMm }: HandLean, sets: number): string {
  const steeper = steeperDeg > 0 ? 'steeper' : 'flatter';
  const lift =
    byMm === null ? '' : `, ${fineMm(Math.abs(byMm))} of lift ${byMm < 0 ? 'less' : 'more'}`;
  return `${WHO[of]} ${deg(Math.abs(steeperDeg))} ${steeper} (${counted.set(sets)}): aim ${deg(Math.abs(turnDeg))} ${turnDeg < 0 ? 'flatter' : 'steeper'}${of === 'back strokes' ? ' on the way back' : ''}${lift}.`;
}
