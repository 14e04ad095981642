import { group } from 'd3-array';
import type { Motion } from '../../domain/terms';
import { PRIORS } from '../priors';
import { learnEndurance, type Endurance } from './endurance';
import type { Evidence, PaceEvidence, StrokesEvidence } from './evidence';
import { moments, normalOnGrid, product, type OnGrid } from './grid';
import { learnDulling } from './learnDulling';
import { learnHardness, type StatedHardness } from './learnHardness';
import { onTool, strokesOf } from './strokes';
import { learnGroup, type FactorFound } from './joint';
import { paceLikelihood } from './likelihood';
import type { Learned, LearnedDulling, LearnedHand, LearnedHardness } from './learned';

/** Everything that evidence teaches of one person. */
export interface Lessons {
  hand: LearnedHand;
  /** By tool, where its hardness was a range that the log narrows. */
  hardness: ReadonlyMap<string, LearnedHardness>;
  dulling: LearnedDulling;
  endurance: Endurance[];
}

/**
 * What a log teaches: effort per family and thing, pace by motion, hardness within its range, dulling per
 * tool and task, all against the bare model. Steel and work are the tools', whoever holds them; the hand is
 * one person's where one is named, begun from what the others' logs teach, and everybody's else.
 */
export function learn(input: {
  evidence: readonly Evidence[];
  /** What is stated of the tools' hardness; tools that are not named keep what their steps assumed. */
  stated: readonly StatedHardness[];
  person?: string | null;
}): Lessons {
  const { evidence, stated, person = null } = input;
  const hardness = learnHardness(strokesOf(evidence), stated);
  const plannedHrc = new Map(
    stated.map(({ toolId, lowHrc, highHrc }) => {
      const learned = hardness.get(toolId) ?? { lowHrc, highHrc };
      return [toolId, (learned.lowHrc + learned.highHrc) / 2];
    }),
  );
  const isOwn = (each: Evidence): boolean => person === null || each.person === person;
  const others = evidence.filter((each) => !isOwn(each));
  const from = others.length > 0 ? learnHand(others, plannedHrc, null) : null;
  return {
    hand: learnHand(evidence.filter(isOwn), plannedHrc, from),
    hardness,
    dulling: learnDulling(evidence.filter((each) => each.what === 'dulling')),
    endurance: learnEndurance(evidence.filter((each) => each.what === 'lasting')),
  };
}

function learnHand(
  evidence: readonly Evidence[],
  plannedHrc: ReadonlyMap<string, number>,
  from: LearnedHand | null,
): LearnedHand {
  const pace = evidence.filter((each) => each.what === 'pace');
  const strokes = learnStrokes(strokesOf(evidence), plannedHrc, from);
  return { ...strokes, pace: learnPace(pace, from), hold: null };
}

/** Strokes of each family and thing over the model's, at the hardness that plans go by. */
export function learnStrokes(
  strokes: readonly StrokesEvidence[],
  plannedHrc: ReadonlyMap<string, number>,
  from: LearnedHand | null,
): Pick<LearnedHand, 'families' | 'things'> {
  const families: LearnedHand['families'] = {};
  const things = new Map<string, Learned>();
  for (const [family, own] of group(strokes, (each) => each.family)) {
    const ofThings = group(own, (each) => each.itemId);
    const known = from?.families[family];
    const { group: ofFamily, members } = learnGroup({
      members: new Map([...ofThings].map(([id, steps]) => [id, likelihoodOf(steps, plannedHrc)])),
      priorMeanLn: known ? Math.log(known.factor) : 0,
      groupSd: known ? PRIORS.personSdLn.value : PRIORS.familySdLn.value,
      memberSd: PRIORS.thingSdLn.value,
    });
    families[family] = learned(ofFamily, own.length);
    for (const [id, found] of members) {
      const sdLn = Math.hypot(found.sdLn, PRIORS.thingFloorSdLn.value);
      things.set(id, learned({ ...found, sdLn }, ofThings.get(id)!.length));
    }
  }
  // What a person has not used yet is known by what everybody has.
  return {
    families: { ...from?.families, ...families },
    things: Object.fromEntries([...Object.entries(from?.things ?? {}), ...things]),
  };
}

function likelihoodOf(
  steps: readonly StrokesEvidence[],
  plannedHrc: ReadonlyMap<string, number>,
): OnGrid {
  return product(
    [...group(steps, ({ toolId }) => toolId)].map(([toolId, own]) =>
      onTool(own, plannedHrc.get(toolId) ?? null),
    ),
  );
}

function learnPace(
  evidence: readonly PaceEvidence[],
  from: LearnedHand | null,
): LearnedHand['pace'] {
  const own = [...group(evidence, ({ motion }) => motion)].map(([motion, seen]) => {
    const prior = normalOnGrid(Math.log(from?.pace[motion]?.factor ?? 1), PRIORS.paceSdLn.value);
    const found = moments(product([prior, ...seen.map(paceLikelihood)]));
    return [motion, learned(found, seen.length)] as const;
  });
  return { ...from?.pace, ...(Object.fromEntries(own) as Partial<Record<Motion, Learned>>) };
}

function learned({ meanLn, sdLn }: FactorFound, steps: number): Learned {
  return { factor: Math.exp(meanLn), sdLn, steps };
}
