import type { LoggedSession } from '../../domain/loggedSession';
import type { Inspection } from '../../domain/session';
import type { Practice } from '../../domain/practice';
import { MOTIONS } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { learn, learnHold, practisedPace, type LearnedHand, type Lessons } from '../evidence';
import type { Hand, Shelf } from '../ladder';
import type { Pace } from '../wear';
import { evidenceOf } from './evidenceOf';
import { familyOnShelf } from './familyOnShelf';
import { isForgotten, type Forgotten } from './forgotten';
import { statedHardness } from './toolHardness';

/** A log with the rack and the shelf that it was written beside, and the person's settings. */
export interface KeptLog {
  /** As they are stated, not as the log has narrowed them. */
  tools: readonly Tool[];
  sessions: readonly LoggedSession[];
  /** Where dulling and endurance are asked for. */
  inspections?: readonly Inspection[];
  trips?: readonly Trip[];
  shelf: Shelf;
  pace: Pace;
  forgotten?: Forgotten;
  /** Sets that were practised on a lath. */
  practices?: readonly Practice[];
  /** Whose hold they are of; everybody's where nobody is named. */
  practisedBy?: string | null;
  /** Whose hand is asked for; everybody's where nobody is named. */
  person?: string | null;
}

/** Everything that a log teaches. */
export function lessonsOf(log: KeptLog): Lessons {
  const { practices = [], practisedBy = null, forgotten = [] } = log;
  const kept = (what: 'pace' | 'hold'): Practice[] =>
    practices.filter(({ at }) => !isForgotten(forgotten, what, at));
  const evidence = [
    ...evidenceOf({ ...log, familyOf: familyOnShelf(log.shelf) }),
    ...practisedPace(kept('pace'), log.pace),
  ];
  const lessons = learn({ evidence, stated: statedHardness(log.tools), person: log.person });
  return { ...lessons, hand: { ...lessons.hand, hold: learnHold(kept('hold'), practisedBy) } };
}

/** A person's hand: the strokes and the pace that their log has taught, on those of their settings. */
export function handOf(log: KeptLog): Hand {
  return handBy(lessonsOf(log).hand, log.pace);
}

/** A hand that lessons were taught to, on the pace of the settings. */
export function handBy(learned: LearnedHand, pace: Pace): Hand {
  const taught = Object.fromEntries(
    MOTIONS.map((motion) => [motion, pace[motion] * (learned.pace[motion]?.factor ?? 1)]),
  ) as Pace;
  return { pace: taught, learned };
}
