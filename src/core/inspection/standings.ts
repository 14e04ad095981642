import { compareDesc } from 'date-fns';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Practice } from '../../domain/practice';
import type { Inspection } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import type { Lessons } from '../evidence';
import { freshSince, type Hand, type Shelf } from '../ladder';
import { handBy, learnTester, lessonsOf, surfaceUse, type SurfaceUse } from '../log';
import type { TesterScale } from '../sharpness';
import { benchAt } from './bench';
import { edgeNeeds, zoneStates, type EdgeNeed, type ZoneState } from './edgeNeeds';

/** Where everything stands, by the whole log: what the rack shows and what every plan begins from. */
export interface Standings {
  hand: Hand;
  /** In the order of the tools. */
  states: ZoneState[];
  /** The same zones with the work they ask for at the bench, most urgent first. */
  needs: EdgeNeed[];
  /** Sessions that are not finished, newest first. */
  underWay: LoggedSession[];
  /** By tool, where the log narrows it: its hardness. */
  hardness: Lessons['hardness'];
  /** By surface: what was done on it since it was last made fresh. */
  surfaceUse: ReadonlyMap<string, SurfaceUse>;
  /** The person's own force tester; null until the log knows it. Every reading in grams goes by it. */
  tester: TesterScale | null;
}

/** Walks the whole log once: work for a thread of its own when the log is long. */
export function standings(input: {
  tools: readonly Tool[];
  shelf: Shelf;
  sessions: readonly LoggedSession[];
  inspections: readonly Inspection[];
  /** What is painted on them tells how round an edge was when a stone met it. */
  trips?: readonly Trip[];
  settings: Settings;
  practices?: readonly Practice[];
}): Standings {
  const tester = learnTester(input).scale;
  const { tools, shelf, sessions, inspections, trips, settings, practices } = input;
  const { strokesPerMinute: pace, forgotten } = settings;
  const { hand: learned, hardness } = lessonsOf({
    tools,
    sessions,
    inspections,
    trips,
    shelf,
    pace,
    forgotten,
    practices,
    practisedBy: settings.person,
  });
  const states = zoneStates({ ...input, tester, hardness });
  const hand = handBy(learned, pace);
  return {
    hand,
    states,
    needs: edgeNeeds({
      states,
      sessions,
      tester,
      benchOf: ({ schools }) =>
        benchAt({ spot: 'bench', shelf, trip: null, now: '', schools, hand }),
    }),
    underWay: sessions
      .filter(({ finishedAt }) => finishedAt === null)
      .sort((a, b) => compareDesc(a.startedAt, b.startedAt)),
    hardness,
    surfaceUse: surfaceUse(sessions, freshSince(shelf)),
    tester,
  };
}
