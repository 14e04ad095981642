import { spokenText } from '../../../ui/words/closedWords';
import type { AngleAdvice, AngleReason } from '../../../core/inspection/index';
import { TASKS } from '../../../domain/tasks';
import { chipDepth, deg } from '../../../ui/format';
import { plural } from '../../../ui/words/plural';

const CAUSE_WORDS = {
  work: 'work',
  misuse: 'misuse',
  factory: 'the factory edge',
  unknown: 'an unknown cause',
} as const;

/** What the adviser says of the angle, as a headline. */
export function adviceWords({ move, changeDeg }: AngleAdvice, presentDeg: number): string {
  switch (move) {
    case 'keep':
      return `keep ${deg(presentDeg)}`;
    case 'thin':
      return 'thin the shoulders';
    case 'steeper':
      return `up ${deg(changeDeg)}, or a micro-bevel`;
    case 'flatter':
      return `down ${deg(-changeDeg)}`;
  }
}

/** Why. */
export function angleReason(reason: AngleReason): string {
  switch (reason.kind) {
    case 'open chip':
      return `Damage from ${CAUSE_WORDS[reason.cause]} is open: it says nothing about the angle. Mend it as it is.`;
    case 'damaged by work':
      return `Normal work has damaged it ${reason.count === 1 ? 'once' : plural(reason.count, 'time')}, up to ${chipDepth(reason.depthMm)} deep: too thin for that work.`;
    case 'face past its limit':
      return 'The worked face is past its limit: the shoulders wedge although the apex may be sharp.';
    case 'below the usual':
      return `Thinner than is usual for ${spokenText(TASKS.find(({ id }) => id === reason.task)!.name)} (from ${deg(reason.fromDeg)}): raise it, or watch closely.`;
    case 'even dulling':
      return `${reason.touchUps} touch-ups in a row with slow, even dulling and no damage from work: room to go thinner.`;
    case 'nothing yet':
      return 'Nothing in the log speaks for another angle yet.';
  }
}
