import type { Motion } from '../../domain/terms';
import { PRIORS } from '../priors';
import type { CutterFamily } from './evidence';
import type { LearnedHold } from './heldHand';

/** A factor on what the bare model says, with its spread and the number of the person's own steps behind it. */
export interface Learned {
  factor: number;
  /** Standard deviation of ln(factor). */
  sdLn: number;
  steps: number;
}

/** What a log has taught of a person's hand: strokes by family and by thing on the shelf, and pace by motion. */
export interface LearnedHand {
  families: Partial<Record<CutterFamily, Learned>>;
  /**
   * By id of the thing, and of its face: the whole factor, not what is left of it over its family. Plain, as it is
   * part of what threads are asked with, and told apart by.
   */
  things: Record<string, Learned>;
  /** Strokes a minute over those of the person's settings. */
  pace: Partial<Record<Motion, Learned>>;
  /** How it holds, by practised sets; null where none were made. */
  hold: LearnedHold | null;
}

/** Hardness as the log narrows it. */
export interface LearnedHardness {
  lowHrc: number;
  highHrc: number;
  /** Steps on stones that stand behind it. */
  steps: number;
}

/** How fast edges dull by the log, as factors on the rates at the hardness that each was learned at. */
export interface LearnedDulling {
  /** By tool. */
  tools: ReadonlyMap<string, DullingFactor>;
  /** By tool and task, `tool/task`. */
  tasks: ReadonlyMap<string, DullingFactor>;
}

export interface DullingFactor {
  factor: number;
  sdLn: number;
  /** Spells of work that stand behind it. */
  spells: number;
  /** The hardness of the steel (HRC) that the factor is told for; null for any. */
  hardnessHrc: number | null;
}

const UNTAUGHT: Learned = { factor: 1, sdLn: PRIORS.familySdLn.value, steps: 0 };

/** A hand whose log has taught nothing yet. */
export const UNTAUGHT_HAND: LearnedHand = { families: {}, things: {}, pace: {}, hold: null };

export const NOTHING_LEARNED: LearnedDulling = { tools: new Map(), tasks: new Map() };

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
  return { ...family, sdLn: Math.hypot(family.sdLn, PRIORS.thingSdLn.value), from: 'its family' };
}

/**
 * The share of what hands differ by that the log leaves open, 0 to 1 (a normal prior's weight after its updates). What
 * is known of a hand otherwise speaks by as much: strokes that the log has counted hold the hand's wobble already.
 */
export function shareLeftOpen({ sdLn }: Pick<StrokesLearned, 'sdLn'>): number {
  const prior = Math.hypot(PRIORS.familySdLn.value, PRIORS.thingSdLn.value);
  return Math.min(1, (sdLn / prior) ** 2);
}

/** The factor of a tool at a task, and the spread that is left of it; that of its other work where none is. */
export function dullingFactor(
  { tools, tasks }: LearnedDulling,
  toolId: string,
  taskId: string,
): DullingFactor {
  const untaught = { factor: 1, sdLn: PRIORS.dullingSdLn.value, spells: 0, hardnessHrc: null };
  const ofTool = tools.get(toolId);
  const ofTask = tasks.get(`${toolId}/${taskId}`);
  if (ofTask) return ofTask;
  return ofTool
    ? { ...ofTool, sdLn: Math.hypot(ofTool.sdLn, PRIORS.dullingTaskSdLn.value) }
    : untaught;
}
