import { counted } from '../../ui/words/counted';
import { taughtWords as say } from './words';
import { STEPS_FOLLOWED, type TaughtThing } from '../../core/log';

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
      ? [say.theTakesMoreStrokes(most.abrasive.name, percent(most.now.factor - 1))]
      : []),
    ...(least && least.now.factor < 1 / NOTABLE
      ? [say.theFewer(least.abrasive.name, percent(1 - least.now.factor))]
      : []),
  ];
  if (parts.length > 0) return say.strokesInYourHand(parts.join(', '));
  return told.length > 0 ? say.handAsPlanned : say.yourLogHasTaughtLittle;
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
  if (own > 0) return counted.session(own);
  return thing.now.sdLn < thing.course[0]!.sdLn || thing.now.factor !== 1
    ? say.fromItsLike
    : say.noneYet;
}
