import { FAMILIES } from '../../domain/families';
import {
  familyOnShelf,
  plannedHardness,
  shelfAbrasives,
  STEPS_FOLLOWED,
  stepsDone,
  taughtOf,
  type Forgotten,
  type LadderAbrasive,
  type Shelf,
  type Standings,
  type Taught,
} from '../../core';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import { plural } from '../../ui/format';

/** A thing on the shelf with what the log has taught of it. */
export interface TaughtThing extends Taught {
  abrasive: LadderAbrasive;
}

/** Everything that cuts or strops, what the log knows most of first. */
export function taughtThings(input: {
  sessions: readonly LoggedSession[];
  tools: readonly Tool[];
  shelf: Shelf;
  hardness: Standings['hardness'];
  forgotten: Forgotten;
}): TaughtThing[] {
  const { sessions, tools, shelf, hardness, forgotten } = input;
  const steps = stepsDone(sessions, familyOnShelf(shelf), forgotten);
  const plannedHrc = plannedHardness(tools, hardness);
  return shelfAbrasives(shelf)
    .map(({ abrasive }) => {
      const { id } = abrasive;
      const family = abrasive.kind === 'stone' ? abrasive.family : abrasive.surface;
      return { abrasive, ...taughtOf({ id, family }, steps, plannedHrc) };
    })
    .filter(
      ({ abrasive }) =>
        abrasive.kind === 'strop' || FAMILIES[abrasive.family].does !== 'straightens',
    )
    .sort(
      (a, b) => b.steps.length - a.steps.length || a.abrasive.name.localeCompare(b.abrasive.name),
    );
}

/** So many of a thing's latest steps are drawn. */
export const STEPS_DRAWN = STEPS_FOLLOWED;

/** From so many steps of its own on, a thing's factor is worth a headline. */
const TOLD_FROM = 3;
/** A difference from the plan smaller than this is none. */
const NOTABLE = 1.1;

/** The message of the page: the thing that takes most more than planned, and most fewer. */
export function taughtTitle(things: readonly TaughtThing[]): string {
  const told = things
    .filter(({ course }) => course.length > TOLD_FROM)
    .sort((a, b) => b.now.factor - a.now.factor);
  const most = told[0];
  const least = told.at(-1);
  const parts = [
    ...(most && most.now.factor > NOTABLE
      ? [`the ${most.abrasive.name} takes ${percent(most.now.factor - 1)} more strokes`]
      : []),
    ...(least && least.now.factor < 1 / NOTABLE
      ? [`the ${least.abrasive.name} ${percent(1 - least.now.factor)} fewer`]
      : []),
  ];
  if (parts.length > 0) return `In your hand ${parts.join(', ')} than the model plans`;
  return told.length > 0
    ? 'Your hand does what the model plans'
    : 'Your log has taught little yet: three touch-ups with one stone are enough';
}

function percent(share: number): string {
  return `${Math.round(100 * share)} %`;
}

/** A factor as a hundred planned strokes: 145 (126–166). */
export function hundredPlanned({ factor, sdLn }: { factor: number; sdLn: number }) {
  const up = Math.exp(sdLn);
  return {
    become: Math.round(100 * factor),
    low: Math.round((100 * factor) / up),
    high: Math.round(100 * factor * up),
  };
}

/** The number of the person's own steps behind a figure, in words. */
export function fromWords(thing: TaughtThing): string {
  const own = thing.course.length - 1;
  if (own > 0) return plural(own, 'session');
  return thing.now.sdLn < thing.course[0]!.sdLn || thing.now.factor !== 1
    ? 'its like, none of its own'
    : 'none yet';
}
