import { spoken } from '../words/closedWords';
import { uiLogTextWords as say } from '../words/logTextWords';
import { sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import type { MarkdownBlock } from '../../formats/markdown';
import { day, minutes } from '../format';
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
  const place = tripName ?? (where === 'bench' ? say.atTheBench : say.onTheTrail);
  const facts: (readonly [string, string])[] = [
    [say.work, `${WORK_WORDS[job]}${written === 'afterwards' ? say.writtenDownAfterwards : ''}`],
    [say.where, place],
    ...(workSince
      ? [[say.workSinceTheOneBefore, `${workSince.amount} ${spoken(workSince.unit)}`] as const]
      : []),
    [say.before, seenWords(before)],
    [say.after, seenWords(after)],
    [say.time, minutes(seconds / 60)],
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
      heads: [say.step, 'To', say.left, say.right, say.plannedASide, say.time],
      rows: steps.map((step) => [
        ...[
          step.abrasiveName,
          step.skipped ? say.leftOut(spoken(step.skipped)) : spoken(step.task),
        ],
        ...[String(step.left), String(step.right)],
        step.plannedPerSide > 0 ? String(step.plannedPerSide) : say.noPlan,
        minutes(step.activeSeconds / 60),
      ]),
    },
  };
}

/** What was seen at a look, in one line. */
export function seenWords(seen: LoggedSession['before']): string {
  const found = seen.findings.map(({ kind, atMm, depthMm }) =>
    depthMm > 0 ? say.ofAt(spoken(kind), depthMm, atMm) : say.findingAt(spoken(kind), atMm),
  );
  return [testWords(seen), ...found].join('; ');
}
