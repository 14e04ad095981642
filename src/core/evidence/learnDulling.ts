import { group } from 'd3-array';
import { PRIORS } from '../priors';
import type { DullingEvidence } from './evidence';
import { onGrid, product, valueAt } from './grid';
import { learnGroup } from './joint';
import { dullingLikelihood, lnHardness } from './likelihood';
import type { DullingFactor, LearnedDulling } from './learned';

/** Mixed work says something of the tool and of no task. */
const MIXED = '';

/**
 * How fast each tool dulls, and at which task how much more than that: the tests after each spell of work
 * against what it was to dull by. Told for the hardness that the tool's latest spell assumed.
 */
export function learnDulling(spells: readonly DullingEvidence[]): LearnedDulling {
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
