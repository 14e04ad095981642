import {
  stepPrice,
  type KitSolution,
  type KitStep,
  type SolvedNeed,
} from '../../../core/kit/index';
import type { TouchUpEvent } from '../../../core/trip/index';
import { grams, minutes } from '../../../ui/format';
import { plural } from '../../../ui/words/plural';

const EVENT_WORDS: Record<TouchUpEvent, string> = {
  strop: 'a little dull',
  'touch-up': 'tired',
  blunt: 'tired or blunt',
  chip: 'chipped',
  'deep chip': 'deeply chipped',
};

/** What an edge is brought back from; or what else is covered. */
export function needWords({ kind, name }: SolvedNeed): string {
  if ('cover' in kind) return kind.cover;
  return `${name}, ${EVENT_WORDS[kind.event]}${kind.fromBelt ? ', on the belt' : ''}`;
}

/** How often something comes over a trip: 4.3 times, or on so many of such trips. */
export function timesWords(count: number): string {
  if (count < 0.15) return `1 in ${Math.round(1 / count)}`;
  if (count < 0.95) return `${Math.round(10 * count)} in 10`;
  const times = Math.round(10 * count) / 10;
  return times === 1 ? 'once' : `${times} times`;
}

/** What the next kits on the frontier would buy, or give up. */
export function stepTitle(solution: KitSolution, heavier: KitStep | null): string {
  if (!heavier) return 'Nothing heavier is quicker';
  const { unserved, minutes: saved } = stepPrice(solution, heavier);
  if (unserved.length > 0) {
    return `The next ${grams(heavier.grams)} would serve ${needWords(unserved[0]!)}, ${timesWords(unserved[0]!.count)}`;
  }
  const named = heavier.comes.map((i) => solution.items[i]!.name).join(' and ');
  return `The next ${grams(heavier.grams)}, ${named}, would buy ${minutes(saved)}`;
}

/** A step in grams, with what it buys or gives up: 41 g less, 5 min more, 1 need unserved. */
export function stepWords(solution: KitSolution, step: KitStep): string {
  const { minutes: saved, unserved } = stepPrice(solution, step);
  const isLighter = step.grams < 0;
  const needs = plural(unserved.length, 'need');
  return [
    `${grams(Math.abs(step.grams))} ${isLighter ? 'less' : 'more'}`,
    ...(saved >= LEAST_MINUTES ? [`${minutes(saved)} ${isLighter ? 'more' : 'less'}`] : []),
    ...(unserved.length > 0 ? [`${needs} ${isLighter ? 'unserved' : 'served'}`] : []),
  ].join(', ');
}

/** A step that saves less (min) is not said in minutes. */
const LEAST_MINUTES = 0.05;

/** Why a kit could not be planned, and the way on, by what the solver or the border said. */
export function kitFailureWords({ name, message }: Error): string {
  if (name === 'ValidationError')
    return `Something on the shelf or the rack does not fit a plan: ${message}. Look at it on its own screen.`;
  if (/memory|wasm|abort/i.test(message))
    return 'The solver ran out of room on this device. Close other tabs, or take a tool out, then plan again.';
  return `The solver stopped: ${message}. Plan it again; if it stops once more, take a tool out.`;
}
