import { group } from 'd3-array';
import type { Motion } from '../../domain/terms';
import { PRIORS } from '../priors';
import { learnEndurance, type Endurance } from './endurance';
import type { Evidence, PaceEvidence, StrokesEvidence, DullingEvidence } from './evidence';
import { moments, normalOnGrid, product, type OnGrid, onGrid, valueAt, blurred } from './grid';
import { learnHardness, type StatedHardness } from './learnHardness';
import { onTool, strokesOf } from './strokes';
import { paceLikelihood, dullingLikelihood, lnHardness } from './likelihood';
import type {
  Learned,
  LearnedDulling,
  LearnedHand,
  LearnedHardness,
  DullingFactor,
} from './learned';

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

/** Mixed work says something of the tool and of no task. */
const MIXED = '';

/**
 * How fast each tool dulls, and at which task how much more than that: the tests after each spell of work
 * against what it was to dull by. Told for the hardness that the tool's latest spell assumed.
 */
function learnDulling(spells: readonly DullingEvidence[]): LearnedDulling {
  const tools = new Map<string, DullingFactor>();
  const tasks = new Map<string, DullingFactor>();
  for (const [toolId, own] of group(spells, (each) => each.toolId)) {
    const hardnessHrc = own.at(-1)!.hardnessHrc;
    const byTask = group(own, ({ taskId }) => taskId ?? MIXED);
    const { group: ofTool, members } = learnGroup({
      members: new Map(
        [...byTask].map(([id, each]) => [id, product(each.map((e) => atHardness(e, hardnessHrc)))]),
      ),
      groupSd: PRIORS.dullingSdLn.value,
      memberSd: PRIORS.dullingTaskSdLn.value,
    });
    const found = (
      { meanLn, sdLn }: typeof ofTool,
      { length }: readonly DullingEvidence[],
    ): DullingFactor => ({ factor: Math.exp(meanLn), sdLn, spells: length, hardnessHrc });
    tools.set(toolId, found(ofTool, own));
    for (const [id, each] of members)
      if (id !== MIXED) tasks.set(`${toolId}/${id}`, found(each, byTask.get(id)!));
  }
  return { tools, tasks };
}

/** A spell's likelihood as one of a factor on the rates at another hardness: a harder steel dulls less. */
function atHardness(spell: DullingEvidence, hardnessHrc: number | null) {
  const own = dullingLikelihood(spell);
  if (hardnessHrc === null || spell.hardnessHrc === null) return own;
  const by = lnHardness(hardnessHrc, spell.hardnessHrc);
  return Math.abs(by) < 1e-9 ? own : onGrid((ln) => valueAt(own, ln - by));
}

/** What is learned of one member of a group, or of the group. */
interface FactorFound {
  meanLn: number;
  sdLn: number;
}

/**
 * Members that scatter around their group: both learned jointly on the grid, each piece of evidence once.
 * `members` hold their likelihoods; the group's own place is `priorMeanLn` ± `groupSd`, and members lie
 * around it by `memberSd`.
 */
function learnGroup(input: {
  members: ReadonlyMap<string, OnGrid>;
  priorMeanLn?: number;
  groupSd: number;
  memberSd: number;
}): { group: FactorFound; members: Map<string, FactorFound> } {
  const { members, groupSd, memberSd, priorMeanLn = 0 } = input;
  const prior = normalOnGrid(priorMeanLn, groupSd);
  const told = new Map([...members].map(([id, own]) => [id, blurred(own, memberSd)]));
  const group = moments(product([prior, ...told.values()]));
  const found = [...members].map(([id, own]) => {
    const others = [...told].flatMap(([other, weights]) => (other === id ? [] : [weights]));
    const around = blurred(product([prior, ...others]), memberSd);
    return [id, moments(product([own, around]))] as const;
  });
  return { group, members: new Map(found) };
}
