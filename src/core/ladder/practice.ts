import type { LubricantKind, Motion } from '../../domain/terms';
import type { Schools } from '../../domain/schools';
import type { BurrState } from '../sharpness';
import { KINDS, type ToolKind } from '../../domain/kinds';
import { PRIORS } from '../priors';

/** The schools of a tool's keeper as the numbers that a ladder is planned with. */
export interface Practice {
  /** Force on stones never goes above this (N). */
  stoneForceLimitN: number;
  stropForceN: number;
  /** Strop held above (or below, negative) the apex angle, in degrees. */
  stropAboveApexDeg: number;
  /** What moves over what. */
  moves: Schools['moves'];
  /** Motion on stones; null for the usual one of the tool. */
  motion: Motion | null;
  direction: 'edge leading' | 'edge trailing' | null;
  /** The burr that a stone leaves behind. */
  burr: BurrState;
  /** Strokes that take the burr off after the first stone, and after each further one. */
  deburrStrokes: { first: number; later: number };
  /** How much rounder a burr that was carried through every stone leaves the apex, as a factor. */
  carriedBurr: number;
  /** Bounds of the jump from one stone to the next. */
  leastJump: number;
  mostJump: number;
  /** One stone, then the strop: a toothy edge. */
  singleStone: boolean;
  /** The last stone's size as a share of what the work asks for. */
  finishShare: number;
  /** Whether a strop closes every ladder: by the tool, always, or where it is needed. */
  stropAtEnd: boolean;
}

const STROP_FORCE_N: Record<Schools['stropPressure'], number> = {
  light: 4,
  'own weight': 1.5,
  firm: 30,
};

const MOTIONS: Record<Schools['motion'], Pick<Practice, 'motion' | 'direction'>> = {
  'by tool': { motion: null, direction: null },
  'edge leading': { motion: 'sweeps', direction: 'edge leading' },
  'edge trailing': { motion: 'sweeps', direction: 'edge trailing' },
  'back and forth': { motion: 'back-and-forth', direction: null },
  circles: { motion: 'circles', direction: null },
};

const BURRS: Record<Schools['burr'], BurrState> = {
  'alternate light strokes': 'alternating strokes',
  'shear it off': 'deburred',
  'strop it off': 'standing',
};

const JUMPS: Record<Schools['gritSteps'], readonly [least: number, most: number]> = {
  'two to four times': [1.1, Infinity],
  'many close': [1.1, 3],
  few: [4, Infinity],
};

/** Lubricants in the order they are reached for; null by stone. */
export const LUBRICANT_ORDER: Record<Schools['lubricant'], readonly LubricantKind[] | null> = {
  'by stone': null,
  water: ['water', 'dry', 'oil', 'fat'],
  'oil or fat': ['oil', 'fat', 'dry', 'water'],
  dry: ['dry', 'water', 'oil', 'fat'],
};

/** Sizes that a toothy and a polished finish end at, as a share of what the work asks for. */
const FINISH_SHARES: Record<Schools['finish'], number> = {
  'by task': 1,
  toothy: 3,
  polished: 0.25,
};

/** Only shearing costs strokes of its own: alternating lighter ones are the last of the step. */
function deburring({ burr, burrWhen }: Schools): Pick<Practice, 'deburrStrokes' | 'carriedBurr'> {
  const each = burr === 'shear it off' ? PRIORS.shearingStrokes.value : 0;
  return burrWhen === 'at every grit'
    ? { deburrStrokes: { first: each, later: each }, carriedBurr: 1 }
    : { deburrStrokes: { first: each, later: 0 }, carriedBurr: PRIORS.carriedBurr.value };
}

/** The numbers behind the schools of a tool's keeper. */
export function practiceOf(schools: Schools, kind: ToolKind): Practice {
  const [leastJump, mostJump] = JUMPS[schools.gritSteps];
  return {
    stoneForceLimitN: schools.pressure === 'light throughout' ? 4 : Infinity,
    stropForceN: STROP_FORCE_N[schools.stropPressure],
    stropAboveApexDeg: schools.stropAngle === 'a little below' ? -2 : 0,
    moves: schools.moves,
    ...MOTIONS[schools.motion],
    burr: BURRS[schools.burr],
    ...deburring(schools),
    leastJump,
    mostJump,
    singleStone: schools.finish === 'toothy',
    finishShare: FINISH_SHARES[schools.finish],
    stropAtEnd:
      schools.stropAtEnd === 'always' ||
      (schools.stropAtEnd === 'by tool' && KINDS[kind].stropAtEnd),
  };
}
