import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import { writeTable } from '../csv';
import { LOG_COLUMNS, type LogCells } from './columns';
import { testText } from './testText';

/**
 * Finished entries as CSV, a row for each step, readable by any spreadsheet and by `readLog`. What only
 * the guide knows, like plans and ink, is in the data file alone.
 */
export function writeLog(sessions: readonly LoggedSession[], tools: readonly Tool[]): string {
  const byId = new Map(tools.map((tool) => [tool.id, tool]));
  const rows = sessions
    .filter(({ finishedAt }) => finishedAt !== null)
    .flatMap((session) => rowsOf(session, byId.get(session.toolId)));
  return writeTable(
    LOG_COLUMNS,
    rows.map((row) => LOG_COLUMNS.map((column) => row[column] ?? '')),
  );
}

function rowsOf(session: LoggedSession, tool: Tool | undefined): Partial<LogCells>[] {
  const { id, startedAt, job, where, before, after, workSince, notes } = session;
  const entry: Partial<LogCells> = {
    started: startedAt,
    job,
    where,
    note: notes,
    // A tool that was taken down is named by its id.
    tool: tool?.name ?? session.toolId,
    edge: tool?.zones.find((zone) => zone.id === session.zoneId)?.name ?? session.zoneId,
    before: testText(before.tests),
    after: testText(after.tests),
    'work since': workSince ? String(workSince.amount) : '',
    unit: workSince?.unit ?? '',
  };
  const steps = session.steps.map(
    ({ abrasiveName, left, right, activeSeconds }, i): Partial<LogCells> => ({
      step: String(i + 1),
      with: abrasiveName,
      left: String(left),
      right: String(right),
      minutes: String(Math.round(activeSeconds / 0.6) / 100),
    }),
  );
  if (steps.length === 0) return [{ entry: id, ...entry }];
  return steps.map((step, i) => ({ entry: id, ...(i === 0 ? entry : {}), ...step }));
}
