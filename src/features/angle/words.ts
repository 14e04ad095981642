import * as format from '../../ui/format';
import type { LostWhy } from '../../instruments/index';
import type { TiltZero } from '../../core/measure/index';

/** What the screen says that finds an angle by a phone's level. */
export const angleWords = {
  whichEdge: 'Whose angle?',
  title: (name: string) => `${name}: angle by the phone`,
  intro:
    'Stand the blade on the stone as you would hone it, where ink goes right at the edge, and lay the phone on its flat. Keep hands and phone clear of the edge.',
  narrow: (bladeWidthMm: number) =>
    `${format.mm(bladeWidthMm)} of blade is narrow for a phone: bind both to a lath.`,
  startDevice: 'Use this phone’s level',
  startSimulated: 'Try a simulated phone',
  noSensor: 'No level answers here. These go without:',
  others: 'shadow, coins, a fold of paper, a printed wedge',
  opening: 'Waiting for the level …',
  zeroOn: 'Zero on',
  zeros: { 'bare-stone': 'bare stone', 'blade-flat': 'blade lying flat' } as Record<
    TiltZero,
    string
  >,
  layOn: {
    'bare-stone': 'Lay the phone on the bare stone, where the edge will stand.',
    'blade-flat': 'Lay the blade flat on the stone and the phone on it.',
  } as Record<TiltZero, string>,
  layTurned: 'Now turned end for end, the same again.',
  zeroHere: 'Zero here',
  zeroAgain: 'Zero again',
  stand: 'Now stand the blade on its edge, the phone on its flat.',
  holdStill: 'hold still',
  still: (scatter: string) => `still for 2 s, scatter ${scatter}`,
  secondsAgo: '4 s ago',
  perSide: 'per side',
  plusMinus: (sdDeg: number) => `± ${format.deg(sdDeg)}`,
  inclusive: (angleDeg: number) => `${format.deg(angleDeg)} inclusive`,
  sum: {
    'bare-stone': (tilt: string, taper: string) =>
      `${tilt} on the upper face, less ${taper} half taper`,
    'blade-flat': (tilt: string, taper: string) =>
      `${tilt} from lying flat, and ${taper} half taper`,
  } as Record<TiltZero, (tilt: string, taper: string) => string>,
  turn: 'Turn end for end',
  turned: (angleDeg: number, turnedDeg: number) =>
    `Turned end for end: ${format.deg(angleDeg)}, then ${format.deg(turnedDeg)}. The mean of both stands; half of what they part by is in the ±.`,
  until: (angleDeg: number, method: string, when: string) =>
    `Until now ${format.deg(angleDeg)}, ${method}${when}`,
  on: (day: string) => `, ${format.day(day)}`,
  keep: (angle: string) => `Keep ${angle}`,
  kept: (angleDeg: number, name: string) =>
    `${name} now stands at ${format.deg(angleDeg)} per side, by the phone.`,
  refused: {
    'flatter than the faces behind':
      'That is flatter than the faces behind the bevel: was the zero taken as it is said here?',
    'flatter than the bevel':
      'That is flatter than the bevel behind the micro-bevel: measure the bevel by its face.',
    'steeper than the micro-bevel': 'That is steeper than its micro-bevel: zero again.',
    'out of range': 'No edge is ground so: zero again.',
  },
  noLevelYet: 'How far phones are off has not been measured yet: 0.2° is a guess.',
};

export const LOST_LEVEL: Partial<Record<LostWhy, string>> = {
  refused: 'The phone keeps its level shut to this page: allow it in the browser’s settings.',
  'not here': 'No level answers on this device.',
};
