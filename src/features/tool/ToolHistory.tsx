'use client';

import { toolWords } from './words/toolWords';
import { compareDesc } from 'date-fns';
import { useMemo } from 'react';
import Link from '../../ui/Link';
import { toolStories } from '../../core/answers';
import { useNow, useReadToolLog, useRecords, useToolLog } from '../../live';
import type { Tool } from '../../domain/tool';
import { day } from '../../ui/format';
import { edgeNames } from '../../ui/words/edgeNames';
import { storyWords } from '../../ui/words/logWords';
import { TEST_WORDS } from '../../ui/words/testWords';

/** The last touch-ups of this tool, newest first, and what all of them say. */
export function ToolHistory({ tool }: { tool: Tool }) {
  const sessions = useToolLog(tool.id)?.sessions;
  const own = (sessions ?? [])
    .filter(({ toolId, finishedAt }) => toolId === tool.id && finishedAt !== null)
    .sort((a, b) => compareDesc(a.startedAt, b.startedAt))
    .slice(0, 4);
  if (own.length === 0) return null;
  return (
    <section className="mt-8">
      <div className="flex flex-wrap items-baseline gap-x-5">
        <h2>{toolWords.lastWorkedOn}</h2>
        <Link
          href={`/log/write?tool=${tool.id}`}
          className="link inline-flex min-h-12 items-center"
        >
          {toolWords.writeDownPastWork}
        </Link>
      </div>
      <table className="table-plain mt-2">
        <thead>
          <tr>
            <th>{toolWords.day}</th>
            <th>{toolWords.withThing}</th>
            <th>{toolWords.itPassedAfter}</th>
          </tr>
        </thead>
        <tbody>
          {own.map((session) => (
            <tr key={session.id}>
              <td className="figures whitespace-nowrap">
                <Link className="link" href={`/log/entry?id=${session.id}`}>
                  {day(session.startedAt)}
                </Link>
              </td>
              <td>{session.steps.map(({ abrasiveName }) => abrasiveName).join(toolWords.then)}</td>
              <td>
                {session.after.tests[0]?.test
                  ? TEST_WORDS[session.after.tests[0].test]
                  : toolWords.notTested}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Stories tool={tool} />
    </section>
  );
}

/** What the log says of each of its edges first, as the log itself has it. */
function Stories({ tool }: { tool: Tool }) {
  const log = useReadToolLog(tool.id);
  const trips = useRecords('trips');
  const now = useNow();
  const told = useMemo(
    () => (log && trips ? toolStories(tool, { ...log, trips }, now) : []),
    [tool, log, trips, now],
  );
  if (told.length === 0) return null;
  const nameOf = edgeNames([tool]);
  return (
    <>
      {told.map(({ zoneId, story }) => (
        <p key={zoneId} className="mt-2">
          <b>{nameOf({ toolId: tool.id, zoneId })}</b> {storyWords(story)}
        </p>
      ))}
      <Link href="/log/answers" className="link inline-flex min-h-12 items-center">
        {toolWords.allThatTheLogAnswers}
      </Link>
    </>
  );
}
