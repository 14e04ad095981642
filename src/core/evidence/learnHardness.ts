import { group, sum } from 'd3-array';
import { PRIORS } from '../priors';
import type { StrokesEvidence } from './evidence';
import { blurred, normalOnGrid, product, valueAt, LN_FACTORS, type OnGrid } from './grid';
import { lnHardness } from './likelihood';
import type { LearnedHardness } from './learned';
import { onTool } from './strokes';

/** The hardness of a tool's steel as it is stated. */
export interface StatedHardness {
  toolId: string;
  lowHrc: number;
  highHrc: number;
}

/** A range narrower than this (HRC) says no less than the log would. */
const KNOWN_HRC = 2;
/** Fewer steps than this say nothing that a file would not. */
const LEAST_STEPS = 2;
/** Values of the hardness that are held against the steps. */
const POINTS = 49;

/**
 * What the strokes say of steels whose hardness is a range: a tool that takes more of them than predicted,
 * beside what the same hand takes with the same things on its other tools, is the harder. Every value
 * of the range is as likely before; the range is 16–84 % after. Tools whose hardness is known are left out.
 */
export function learnHardness(
  strokes: readonly StrokesEvidence[],
  stated: readonly StatedHardness[],
): ReadonlyMap<string, LearnedHardness> {
  const middle = new Map(
    stated.map(({ toolId, lowHrc, highHrc }) => [toolId, (lowHrc + highHrc) / 2]),
  );
  const telling = strokes.filter(({ hardnessHrc }) => hardnessHrc !== null);
  const byTool = group(telling, ({ toolId }) => toolId);
  const found = stated.flatMap(({ toolId, lowHrc, highHrc }) => {
    const own = byTool.get(toolId) ?? [];
    if (highHrc - lowHrc <= KNOWN_HRC || own.length < LEAST_STEPS) return [];
    const others = telling.filter((each) => each.toolId !== toolId);
    const stands = middle.get(toolId)!;
    const hand = [...group(own, ({ itemId, person }) => `${person} ${itemId}`).values()].map(
      (steps) => ({
        seen: onTool(steps, stands),
        knownBy: byOthers(steps[0]!, others, middle),
      }),
    );
    // Even in HRC, as it is stated.
    const values = Array.from(
      { length: POINTS },
      (_, i) => lowHrc + ((highHrc - lowHrc) * (i + 0.5)) / POINTS,
    );
    const logs = values.map((hrc) =>
      sum(hand, ({ seen, knownBy }) => Math.log(overlap(seen, knownBy, lnHardness(hrc, stands)))),
    );
    const most = Math.max(...logs);
    const at = quantiles(
      values,
      logs.map((log) => Math.exp(log - most)),
    );
    return [[toolId, { lowHrc: at(0.16), highHrc: at(0.84), steps: own.length }] as const];
  });
  return new Map(found);
}

/** What the other tools say of the factor of a thing in the same hand. */
function byOthers(
  { itemId, family, person }: StrokesEvidence,
  others: readonly StrokesEvidence[],
  middle: ReadonlyMap<string, number>,
): OnGrid {
  const like = others.filter((each) => each.family === family && each.person === person);
  const things = [...group(like, (each) => each.itemId)].map(([id, steps]) => ({
    id,
    weights: product(
      [...group(steps, ({ toolId }) => toolId)].map(([toolId, own]) =>
        onTool(own, middle.get(toolId) ?? null),
      ),
    ),
  }));
  const ofFamily = product([
    normalOnGrid(0, PRIORS.familySdLn.value),
    ...things
      .filter(({ id }) => id !== itemId)
      .map(({ weights }) => blurred(weights, PRIORS.thingSdLn.value)),
  ]);
  const around = blurred(ofFamily, PRIORS.thingSdLn.value);
  return product([
    around,
    ...things.flatMap(({ id, weights }) => (id === itemId ? [weights] : [])),
  ]);
}

/** How likely the steps of one thing are on a steel that is harder by so much (ln), over what its factor may be. */
function overlap(seen: OnGrid, knownBy: OnGrid, harderBy: number): number {
  const all = sum(LN_FACTORS, (ln, i) => knownBy[i]! * valueAt(seen, ln + harderBy));
  // Never none at all: a step that contradicts every value of the range must not rule the others out.
  return Math.max(Number.MIN_VALUE, all);
}

/** The value below which a share of the weight lies, between the points by a straight line. */
function quantiles(values: readonly number[], weights: readonly number[]) {
  const whole = sum(weights);
  const width = values[1]! - values[0]!;
  return (share: number): number => {
    let below = 0;
    for (const [i, weight] of weights.entries()) {
      const upTo = below + weight / whole;
      if (upTo >= share) {
        const part = weight > 0 ? (share - below) / (weight / whole) : 0.5;
        return values[i]! + (part - 0.5) * width;
      }
      below = upTo;
    }
    return values.at(-1)!;
  };
}
