import { spoken } from '../../ui/words/closedWords';
import { logWords as say } from './words';
import { workMark, type WorkMark } from '../../core/answers';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { WORK_MARK_WORDS } from '../../ui/WorkSign';
import { testWords, workedEdge, WORK_WORDS } from '../../ui/words/entryWords';

/** One touch-up, or another job, as a line of the log. */
export interface LogRow {
  id: string;
  startedAt: string;
  toolName: string;
  work: string;
  where: string;
  abrasives: string;
  strokes: number;
  minutes: number;
  before: string;
  after: string;
  notes: string;
  /** What the filters go by. */
  mark: WorkMark;
  atMs: number;
  tripId: string | null;
  /** Who carried the tool on its trip. */
  people: readonly string[];
  /** Names of what it was done with. */
  things: readonly string[];
  /** The edge before and after, with the radius (µm) that was asked for. */
  seen: Pick<LoggedSession, 'before' | 'after'> & { targetUm: number | null };
}

/** Finished work as lines, with the names of their tools and trips; a tool taken down is said so. */
export function logRows(
  sessions: readonly LoggedSession[],
  tools: readonly Tool[],
  trips: readonly Trip[],
): LogRow[] {
  const toolsById = new Map(tools.map((tool) => [tool.id, tool]));
  const tripsById = new Map(trips.map((trip) => [trip.id, trip]));
  return sessions
    .filter(({ finishedAt }) => finishedAt !== null)
    .map((session) =>
      logRow(session, toolsById.get(session.toolId), tripsById.get(session.tripId ?? '')),
    );
}

function logRow(session: LoggedSession, tool: Tool | undefined, trip: Trip | undefined): LogRow {
  const { steps, before, after } = session;
  const mark = workMark(session);
  const names = steps.map(({ abrasiveName }) => abrasiveName);
  let strokes = 0;
  let seconds = 0;
  for (const step of steps) {
    strokes += step.left + step.right;
    seconds += step.activeSeconds;
  }
  const zone = tool?.zones.find((each) => each.id === session.zoneId);
  return {
    id: session.id,
    startedAt: session.startedAt,
    toolName: workedEdge(session, tool),
    work: session.job === 'touch-up' ? WORK_MARK_WORDS[mark] : WORK_WORDS[session.job],
    where: trip?.name ?? spoken(session.where),
    abrasives: names.join(say.then),
    strokes,
    minutes: seconds / 60,
    before: testWords(before),
    after: testWords(after),
    notes: session.notes,
    mark,
    atMs: Date.parse(session.startedAt),
    tripId: session.tripId,
    people: trip ? carriersOf(trip, session.toolId) : NOBODY,
    things: names,
    seen: { before, after, targetUm: session.targetApexUm ?? zone?.targetApexUm ?? null },
  };
}

const NOBODY: readonly string[] = [];

function carriersOf({ carriers }: Trip, toolId: string): string[] {
  return carriers.filter((each) => each.toolId === toolId).map(({ person }) => person);
}
