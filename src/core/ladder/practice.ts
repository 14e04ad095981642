import type { LubricantKind, Motion } from '../../domain/terms';
import type { Schools } from '../../domain/schools';
import type { BurrState } from '../sharpness';

/** The schools of a tool's keeper as the numbers that a ladder is planned with. */
export interface Practice {
  /** Force on stones never goes above this (N). */
  stoneForceLimitN: number;
  stropForceN: number;
  /** Strop held above (or below, negative) the apex angle, in degrees. */
  stropAboveApexDeg: number;
  /** Motion on stones; null for the usual one of the tool. */
  motion: Motion | null;
  direction: 'edge leading' | 'edge trailing' | null;
  /** The burr that a stone leaves behind. */
  burr: BurrState;
  /** Minutes to take the burr off after the first stone, and after each further one. */
  deburrMinutes: { first: number; later: number };
  /** How much rounder a burr that was carried through every stone leaves the apex, as a factor. */
  carriedBurr: number;
  /** Bounds of the jump from one stone to the next. */
  leastJump: number;
  mostJump: number;
  /** One stone, then the strop: a toothy edge. */
  singleStone: boolean;
  /** The target as a share of what the work asks for. */
  targetShare: number;
  /** Lubricants in the order they are reached for; null by stone. */
  lubricants: readonly LubricantKind[] | null;
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

const LUBRICANTS: Record<Schools['lubricant'], readonly LubricantKind[] | null> = {
  'by stone': null,
  water: ['water', 'dry', 'oil', 'fat'],
  'oil or fat': ['oil', 'fat', 'dry', 'water'],
  dry: ['dry', 'water', 'oil', 'fat'],
};

/** Ten light strokes, five a side (prior). */
const DEBURR_MINUTES = 0.25;
/** A burr taken off once, at the end, leaves a little more of itself (prior). */
const CARRIED_BURR = 1.15;

function deburring({ burr, burrWhen }: Schools): Pick<Practice, 'deburrMinutes' | 'carriedBurr'> {
  const each = burr === 'strop it off' ? 0 : DEBURR_MINUTES;
  return burrWhen === 'at every grit'
    ? { deburrMinutes: { first: each, later: each }, carriedBurr: 1 }
    : { deburrMinutes: { first: each, later: 0 }, carriedBurr: CARRIED_BURR };
}

/** The numbers behind a set of schools. */
export function practiceOf(schools: Schools): Practice {
  const [leastJump, mostJump] = JUMPS[schools.gritSteps];
  return {
    stoneForceLimitN: schools.pressure === 'light throughout' ? 4 : Infinity,
    stropForceN: STROP_FORCE_N[schools.stropPressure],
    stropAboveApexDeg: schools.stropAngle === 'a little below' ? -2 : 0,
    ...MOTIONS[schools.motion],
    burr: BURRS[schools.burr],
    ...deburring(schools),
    leastJump,
    mostJump,
    singleStone: schools.finish === 'toothy',
    targetShare: schools.finish === 'polished' ? 0.5 : 1,
    lubricants: LUBRICANTS[schools.lubricant],
  };
}
