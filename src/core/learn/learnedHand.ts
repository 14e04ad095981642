import type { AbrasiveFamily, Motion, StropSurface } from '../../domain/terms';

/** A factor on what is planned, with its spread and the number of the person's own steps behind it. */
export interface Learned {
  factor: number;
  /** Standard deviation of ln(factor). */
  sdLn: number;
  steps: number;
}

export type CutterFamily = AbrasiveFamily | StropSurface;

/** What a person's log has taught: strokes by family and by thing on the shelf, and pace by motion. */
export interface LearnedHand {
  families: Partial<Record<CutterFamily, Learned>>;
  /** By id of the thing, and of its face: the whole factor, not what is left of it over its family. */
  things: Record<string, Learned>;
  /** Strokes a minute over those of the person's settings. */
  pace: Partial<Record<Motion, Learned>>;
}

/** Spread of ln(actual/predicted) before anything is known (prior). */
export const PRIOR_SD = 0.7;
/** Spread of one session's ln(actual/predicted) (prior). */
export const OBSERVATION_SD = 0.4;

/** Spread of a thing's factor over its family's (prior). */
export const OWN_PRIOR_SD = 0.35;

const UNTAUGHT: Learned = { factor: 1, sdLn: PRIOR_SD, steps: 0 };

/** A hand whose log has taught nothing yet. */
export const UNTAUGHT_HAND: LearnedHand = { families: {}, things: {}, pace: {} };

/** A factor with what taught it: steps with the thing itself, or with others of its family. */
export interface StrokesLearned extends Learned {
  from: 'itself' | 'its family';
}

/** The factor on strokes for one abrasive: its own where it has one, else its family's. */
export function strokesLearned(
  hand: LearnedHand,
  abrasive: { id: string; family: CutterFamily },
): StrokesLearned {
  const own = hand.things[abrasive.id];
  if (own) return { ...own, from: 'itself' };
  const family = hand.families[abrasive.family];
  if (!family || family.steps === 0) return { ...UNTAUGHT, from: 'its family' };
  // What its family teaches leaves open how far this thing lies from its like.
  return { ...family, sdLn: Math.hypot(family.sdLn, OWN_PRIOR_SD), from: 'its family' };
}
