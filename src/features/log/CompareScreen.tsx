'use client';

import { spoken } from '../../ui/words/closedWords';
import { logWords as say } from './words';
import { sum } from 'd3-array';
import { isAfter } from 'date-fns';
import { useSearchParams } from 'next/navigation';
import { workMark } from '../../core/answers';
import { seenApex } from '../../core/sharpness';
import type { Session } from '../../domain/session';
import type { Tool } from '../../domain/tool';
import { useRecord, useRecords, useTester } from '../../live';
import { day, deg, minutes } from '../../ui/format';
import Link from '../../ui/Link';
import { testWords, workedEdge, WORK_WORDS } from '../../ui/words/entryWords';
import { WORK_MARK_WORDS, WorkSign } from '../../ui/WorkSign';
import { EntryEdge } from './EntryEdge';
import { compareEntries, type Compared } from './compareEntries';

/** Two entries side by side, and what differs between them. */
export function CompareScreen() {
  const asked = useSearchParams();
  const a = useRecord('sessions', asked.get('a') ?? '').record;
  const b = useRecord('sessions', asked.get('b') ?? '').record;
  const tools = useRecords('tools');
  const byTester = useTester();
  if (a === undefined || b === undefined || !tools) return null;
  if (a === null || b === null) {
    return (
      <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
        <h1>{say.twoEntriesAreNeeded}</h1>
        <p className="mt-3">
          {say.oneOfThemIsGone}{' '}
          <Link href="/log" className="link">
            {say.chooseTwoInTheLog}
          </Link>
        </p>
      </section>
    );
  }
  // The older one stands at the left, however they were chosen.
  const [older, newer] = isAfter(a.startedAt, b.startedAt) ? [b, a] : [a, b];
  const toolOf = (session: Session): Tool | undefined =>
    tools.find(({ id }) => id === session.toolId);
  const compared = compareEntries(older, newer, byTester);
  return (
    <article className="mx-auto w-full max-w-[82rem] px-4 py-4 sm:px-8">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1>{titleOf(compared)}</h1>
        <Link href="/log" className="link inline-flex min-h-12 items-center">
          {say.backToTheLog}
        </Link>
      </div>
      <div className="mt-3 grid gap-x-12 gap-y-6 sm:grid-cols-2">
        {[older, newer].map((session) => (
          <Entry key={session.id} session={session} tool={toolOf(session)} />
        ))}
      </div>
      <table className="table-plain mt-6">
        <thead>
          <tr>
            <th />
            <th>{day(older.startedAt)}</th>
            <th>{day(newer.startedAt)}</th>
            <th>{say.betweenThem}</th>
          </tr>
        </thead>
        <tbody>
          {linesOf(older, newer, compared, byTester).map(([what, left, right, between]) => (
            <tr key={what}>
              <th scope="row" className="!border-b !border-rule">
                {what}
              </th>
              <td>{left}</td>
              <td>{right}</td>
              <td>{between}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </article>
  );
}

function Entry({ session, tool }: { session: Session; tool: Tool | undefined }) {
  const zone = tool?.zones.find(({ id }) => id === session.zoneId);
  const mark = workMark(session);
  return (
    <section>
      <h2>
        <Link href={`/log/entry?id=${session.id}`} className="link">
          {workedEdge(session, tool)}, {day(session.startedAt)}
        </Link>
      </h2>
      <p>
        <WorkSign mark={mark} />{' '}
        {session.job === 'touch-up' ? WORK_MARK_WORDS[mark] : WORK_WORDS[session.job]}
      </p>
      {tool && zone && session.job !== 'spine' && (
        <>
          <EntryEdge title={say.before} tool={tool} zone={zone} seen={session.before} />
          <EntryEdge title={say.after} tool={tool} zone={zone} seen={session.after} worked />
        </>
      )}
      {session.notes && <p className="mt-2 max-w-[60ch]">{session.notes}</p>}
    </section>
  );
}

function titleOf({ strokes, minutes: time }: Compared): string {
  const much = Math.abs(strokes) >= 0.1 ? strokes : time;
  if (Math.abs(much) < 0.1) return say.theNewerOneTookAbout;
  const percent = Math.round(100 * Math.abs(much));
  const told = much === strokes ? say.strokesAgainst : say.timeAgainst;
  return told(percent, much > 0);
}

function linesOf(
  a: Session,
  b: Session,
  compared: Compared,
  byTester: ReturnType<typeof useTester>,
) {
  const both = (of: (session: Session) => string) => [of(a), of(b)] as const;
  const line = (what: string, [left, right]: readonly [string, string], between = '') =>
    [what, left, right, between] as const;
  const share = (value: number): string =>
    Math.abs(value) < 0.005
      ? say.theSame
      : `${value > 0 ? '+' : '−'}${Math.round(100 * Math.abs(value))} %`;
  const apex = (seen: Session['before']): string => {
    const found = seenApex(byTester(seen));
    return found ? say.about(testWords(seen), found.apexRadiusUm) : say.notTested;
  };
  return [
    line(
      say.withThing,
      both(({ steps }) => steps.map((s) => s.abrasiveName).join(say.then)),
    ),
    line(
      say.strokesASide,
      both((s) => String(Math.round(sidesOf(s)))),
      share(compared.strokes),
    ),
    line(
      say.plannedASide,
      both(({ steps }) => {
        const planned = sum(steps, ({ plannedPerSide }) => plannedPerSide);
        return planned > 0 ? String(planned) : say.noPlan;
      }),
    ),
    line(
      say.time,
      both((s) => minutes(secondsOf(s) / 60)),
      share(compared.minutes),
    ),
    line(
      say.before,
      both(({ before }) => apex(before)),
      compared.before ? say.against[compared.before] : '',
    ),
    line(
      say.after,
      both(({ after }) => apex(after)),
      compared.after ? say.against[compared.after] : '',
    ),
    line(
      say.heldAt,
      both(({ steps, written }) => {
        const angles = [...new Set(steps.map(({ angleDeg }) => angleDeg))];
        return written === 'afterwards' ? say.notSaid : angles.map((each) => deg(each)).join(', ');
      }),
    ),
    line(
      say.workSinceTheOneBefore,
      both(({ workSince }) =>
        workSince ? `${workSince.amount} ${spoken(workSince.unit)}` : say.notSaid,
      ),
    ),
  ];
}

function sidesOf({ steps }: Session): number {
  return sum(steps, ({ left, right }) => (left + right) / 2);
}

function secondsOf({ steps }: Session): number {
  return sum(steps, ({ activeSeconds }) => activeSeconds);
}
