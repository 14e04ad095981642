import { edgeName } from '../../domain/edgeName';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Observation } from '../../domain/session';
import type { Job } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { TEST_WORDS } from '../../ui/words/testWords';

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
  /** All of it in small letters, to be searched. */
  searched: string;
}

/** What a session was for, in a word or two. */
export const WORK_WORDS: Record<Job, string> = {
  'touch-up': 'touched up',
  hone: 'laid straight',
  thin: 'thinned',
  angle: 'new angle',
  spine: 'spine',
};

/** Finished work as lines, with the names of their tools; a tool taken down is said so. */
export function logRows(sessions: readonly LoggedSession[], tools: readonly Tool[]): LogRow[] {
  const byId = new Map(tools.map((tool) => [tool.id, tool]));
  return sessions
    .filter(({ finishedAt }) => finishedAt !== null)
    .map((session) => logRow(session, byId.get(session.toolId)));
}

function logRow(session: LoggedSession, tool: Tool | undefined): LogRow {
  const row = {
    id: session.id,
    startedAt: session.startedAt,
    toolName: workedEdge(session, tool),
    work: WORK_WORDS[session.job],
    where: session.where,
    abrasives: session.steps.map(({ abrasiveName }) => abrasiveName).join(', then '),
    strokes: session.steps.reduce((sum, { left, right }) => sum + left + right, 0),
    minutes: session.steps.reduce((sum, { activeSeconds }) => sum + activeSeconds, 0) / 60,
    before: testWords(session.before),
    after: testWords(session.after),
    notes: session.notes,
  };
  return { ...row, searched: Object.values(row).join(' ').toLowerCase() };
}

/** Lines of one tool, or of all where `toolName` is empty, that hold `search` in any of their words. */
export function findRows(rows: readonly LogRow[], toolName: string, search: string): LogRow[] {
  const wanted = search.trim().toLowerCase();
  return rows.filter(
    (row) => (toolName === '' || row.toolName === toolName) && row.searched.includes(wanted),
  );
}

/** The edge that was worked, or the spine, by the name that its tool has now. */
export function workedEdge(session: LoggedSession, tool: Tool | undefined): string {
  if (!tool) return 'a tool taken down';
  const zone = tool.zones.find(({ id }) => id === session.zoneId);
  if (session.job === 'spine') return `${tool.name}, spine`;
  return zone ? edgeName(tool, zone) : tool.name;
}

export function testWords({ tests }: Observation): string {
  const last = tests.at(-1);
  if (!last) return 'not tested';
  return last.test === null ? `${last.grams} g` : TEST_WORDS[last.test];
}
