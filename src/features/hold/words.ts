import * as format from '../../ui/format';
import type { SetStudy } from '../../core/measure/index';
import type { Side } from '../../domain/terms';
import type { LostWhy } from '../../instruments/index';
import { deg } from '../../ui/format';
import { counted } from '../../ui/words/counted';

/** What the hold coach says. */
export const coachWords = {
  whichEdge: 'Which edge do you practise for?',
  title: (name: string) => `Hold coach, ${name}`,
  never: 'Never on a bare edge:',
  lath: 'bind the phone to a lath, or to the blade in its sheath, with two bands. Its long side points the way you stroke, its top away from you.',
  hand: 'Hand',
  hands: { left: 'left hand', right: 'right hand' } as Record<Side, string>,
  path: (angleDeg: number) => `path ± ${format.deg(angleDeg)}`,
  wider: 'wider path',
  narrower: 'narrower path',
  startDevice: 'Begin with this phone',
  startSimulated: 'Try a simulated hand',
  opening: 'Waiting for the sensors …',
  zeroTitle: 'Lay it flat on the stone',
  zeroing: 'Flat where you will hone: it zeroes by itself after three still seconds.',
  readyTitle: (meantDeg: number) => `Lift to ${format.deg(meantDeg)}, and go`,
  ready:
    'Your third stroke starts the set; lying still ends it. High tone: lower. Low tone: raise.',
  strokes: 'strokes',
  lower: (angleDeg: number) => `Lower ${format.deg(angleDeg)}`,
  raise: (angleDeg: number) => `Raise ${format.deg(angleDeg)}`,
  onPath: 'on the path',
  out: 'out',
  backWay: 'back',
  notTold: '',
  end: 'End the set',
  once: 'Once more',
  other: (hand: string) => `${hand} next`,
  leaveOut: 'Leave this set out',
  isLeftOut: 'The set is left out.',
  kept: 'The set is saved.',
  notKept: 'A simulated hand is not saved.',
  mean: 'mean',
  asked: (meantDeg: number) => `asked ${format.deg(meantDeg)}`,
  wobble: 'wobble',
  drift: 'drift over the set',
  driftUnknown: 'a set of 20 or more tells',
  backSteeper: 'back strokes steeper by',
  backUnknown: 'this device does not tell',
  bellyLift: 'lifted at belly and tip by',
  bellyMore: 'over the first half of a stroke',
  held: 'on the path',
  edgeTitle: (toolName: string, angleDeg: number, targetDeg: number) =>
    `So ${toolName} ends ${format.deg(angleDeg)}, not ${format.deg(targetDeg)}`,
  edgeLine: (strokes: number) => `by the lab, ${strokes} strokes a side in this hand`,
  inTheLab: 'In the lab',
  past: 'Your wobble, set by set',
  learned: (angleDeg: number, lowDeg: number, highDeg: number, sets: number) =>
    `Plans, forecast and lab now take ${format.deg(angleDeg)} (${format.deg(lowDeg)} to ${format.deg(highDeg)}) for your hands, from ${counted.set(sets)}.`,
  usual: (wobbleDeg: number) =>
    `Plans, forecast and lab take ${format.deg(wobbleDeg)} until you practise: the usual one.`,
  forget: 'Forget all sets',
  forgotten: 'All practised sets are forgotten.',
  tooFew: 'Too few strokes to say anything: three at least.',
  others: 'The angle finder and the lab go without.',
};

export const LOST_SENSORS: Partial<Record<LostWhy, string>> = {
  refused: 'The phone keeps its sensors shut to this page: allow them in the browser’s settings.',
  'not here': 'No motion sensors answer on this device.',
};

/** What a set comes to in a sentence. */
export function setTitle({ wobbleDeg, backSteeperDeg, strokes }: SetStudy): string {
  if (!wobbleDeg) return coachWords.tooFew;
  const back = backSteeperDeg && Math.abs(backSteeperDeg.value) > 2 * backSteeperDeg.se;
  const way = back
    ? `, ${deg(Math.abs(backSteeperDeg.value))} ${backSteeperDeg.value > 0 ? 'steeper' : 'flatter'} on the way back`
    : '';
  return `Wobble ${deg(wobbleDeg.value)} in ${counted.stroke(strokes.length)}${way}`;
}
