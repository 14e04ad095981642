import { compareAsc } from 'date-fns';
import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { Inspection } from '../../domain/session';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { grouped } from '../grouped';
import type { Hand, Shelf } from '../ladder';
import {
  familyOnShelf,
  learnTester,
  logByUsualTester,
  stepsDone,
  type Forgotten,
  type TesterLearned,
} from '../log';
import { edgeAnswers, type EdgeAnswers } from './edgeAnswers';
import { earnedGrams, type EarnedGrams } from './earnedGrams';
import { edgeStory, type EdgeStory } from './edgeStory';
import { holdByInk, sideBalance, type HoldByInk, type SideBalance } from './handThroughTime';
import { plansMet, type PlansMet } from './plansMet';

/** Everything that a log answers. */
export interface LogAnswers {
  /** Every edge of every tool, in the order of the tools. */
  edges: (EdgeAnswers & { story: EdgeStory | null })[];
  plans: PlansMet | null;
  balance: SideBalance | null;
  hold: HoldByInk | null;
  earned: EarnedGrams[];
  tester: TesterLearned;
}

/** What a whole log answers: work for a thread of its own when the log is long. */
export function logAnswers(input: {
  tools: readonly Tool[];
  trips: readonly Trip[];
  sessions: readonly LoggedSession[];
  inspections: readonly Inspection[];
  shelf: Shelf;
  hand: Hand;
  forgotten: Forgotten;
  /** ISO 8601. */
  now: string;
}): LogAnswers {
  const tester = learnTester(input);
  const log = logByUsualTester(input, tester.scale);
  const { tools, sessions, inspections, shelf, forgotten, now } = log;
  const oldestFirst = sessions
    .filter(({ finishedAt, steps }) => finishedAt !== null && steps.some(isWorked))
    .sort((a, b) => compareAsc(a.startedAt, b.startedAt));
  // A long log is gone through once, not once for every tool.
  const sessionsOf = grouped(sessions, ({ toolId }) => toolId);
  const inspectionsOf = grouped(inspections, ({ toolId }) => toolId);
  const edges = tools.flatMap((tool) =>
    edgeAnswers(tool, {
      ...log,
      sessions: sessionsOf.get(tool.id) ?? [],
      inspections: inspectionsOf.get(tool.id) ?? [],
    }),
  );
  return {
    edges: edges.map((edge) => ({ ...edge, story: edgeStory(edge, now) })),
    plans: plansMet(stepsDone(sessions, familyOnShelf(shelf), forgotten)),
    balance: sideBalance(oldestFirst),
    hold: holdByInk(oldestFirst),
    earned: earnedGrams(log),
    tester,
  };
}
