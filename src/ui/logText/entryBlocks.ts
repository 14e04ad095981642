import { sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import type { MarkdownBlock } from '../../formats/markdown';
import { chipDepth, day, minutes, placeMm } from '../format';
import { testWords, workedEdge, WORK_WORDS } from '../words/entryWords';

/** One entry of the log as a text. */
export function entryBlocks(
  session: LoggedSession,
  tool: Tool | undefined,
  tripName: string | undefined,
  level: 1 | 2 = 1,
): MarkdownBlock[] {
  const { startedAt, job, where, written, before, after, workSince, steps, notes } = session;
  const seconds = sum(steps, ({ activeSeconds }) => activeSeconds);
  const place = tripName ?? (where === 'bench' ? 'at the bench' : 'on the trail');
  const facts: (readonly [string, string])[] = [
    ['Work', `${WORK_WORDS[job]}${written === 'afterwards' ? ', written down afterwards' : ''}`],
    ['Where', place],
    ...(workSince
      ? [['Work since the one before', `${workSince.amount} ${workSince.unit}`] as const]
      : []),
    ['Before', seenWords(before)],
    ['After', seenWords(after)],
    ['Time', minutes(seconds / 60)],
  ];
  return [
    { heading: `${workedEdge(session, tool)}, ${day(startedAt)}`, level },
    { facts },
    ...(steps.length > 0 ? [stepTable(steps)] : []),
    ...(notes ? [{ text: notes }] : []),
  ];
}

function stepTable(steps: LoggedSession['steps']): MarkdownBlock {
  return {
    table: {
      heads: ['Step', 'To', 'Left', 'Right', 'Planned a side', 'Time'],
      rows: steps.map((step) => [
        ...[step.abrasiveName, step.skipped ? `left out: ${step.skipped}` : step.task],
        ...[String(step.left), String(step.right)],
        step.plannedPerSide > 0 ? String(step.plannedPerSide) : 'no plan',
        minutes(step.activeSeconds / 60),
      ]),
    },
  };
}

/** What was seen at a look, in one line. */
export function seenWords(seen: LoggedSession['before']): string {
  const found = seen.findings.map(({ kind, atMm, depthMm }) =>
    depthMm > 0
      ? `${kind} of ${chipDepth(depthMm)} at ${placeMm(atMm)}`
      : `${kind} at ${placeMm(atMm)}`,
  );
  return [testWords(seen), ...found].join('; ');
}
