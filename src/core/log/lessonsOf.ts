import type { LoggedSession } from '../../domain/loggedSession';
import type { Inspection } from '../../domain/session';
import { MOTIONS } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import {
  learn,
  type LearnedHand,
  type LearnedHardness,
  type Lessons,
  type StatedHardness,
} from '../evidence';
import { shelfAbrasives, type Hand, type Shelf } from '../ladder';
import { workingSteel, type Pace } from '../wear';
import { evidenceOf } from './evidenceOf';
import type { FamilyOf, Forgotten } from './forgotten';

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
  /** Whose hand is asked for; everybody's where nobody is named. */
  person?: string | null;
}

/** Everything that a log teaches. */
export function lessonsOf(log: KeptLog): Lessons {
  const evidence = evidenceOf({ ...log, familyOf: familyOnShelf(log.shelf) });
  return learn({ evidence, stated: statedHardness(log.tools), person: log.person });
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

/** The family of everything on a shelf that cuts or strops, by the id that the log knows it by. */
export function familyOnShelf(shelf: Shelf): FamilyOf {
  const families = new Map(
    shelfAbrasives(shelf).map(({ abrasive }) => [
      abrasive.id,
      abrasive.kind === 'stone' ? abrasive.family : abrasive.surface,
    ]),
  );
  return (itemId) => families.get(itemId) ?? null;
}

/** The hardness of every tool as it is stated, or as a file has told. */
export function statedHardness(tools: readonly Tool[]): StatedHardness[] {
  return tools.map(({ id, steel }) => {
    const [lowHrc, highHrc] = workingSteel(steel).rangeHrc;
    return { toolId: id, lowHrc, highHrc };
  });
}

/** The hardness (HRC) that plans go by, by tool: the middle of what is stated, or of what the log has learned. */
export function plannedHardness(
  tools: readonly Tool[],
  hardness: Lessons['hardness'],
): Map<string, number> {
  return new Map(
    statedHardness(tools).map(({ toolId, ...stated }) => {
      const { lowHrc, highHrc } = hardness.get(toolId) ?? stated;
      return [toolId, (lowHrc + highHrc) / 2];
    }),
  );
}

/** The tool with its range of hardness narrowed by the log, for planning with; not for keeping. */
export function withHardness(tool: Tool, learned: LearnedHardness | null): Tool {
  if (!learned) return tool;
  const steel = {
    ...tool.steel,
    hardnessLowHrc: learned.lowHrc,
    hardnessHighHrc: learned.highHrc,
  };
  return { ...tool, steel };
}
