import { sum } from 'd3-array';
import { compareAsc } from 'date-fns';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import type { MarkdownBlock } from '../../formats/markdown';
import { day, minutes, plural } from '../format';
import { testWords, workedEdge, WORK_WORDS } from '../words/entryWords';

/** Some entries of the log as a text: their days, their trips, what each tool got, and every entry in a line. */
export function seasonBlocks(input: {
  sessions: readonly LoggedSession[];
  tools: readonly Tool[];
  trips: readonly Trip[];
  /** What the log says of the time, as sentences. */
  found: readonly string[];
}): MarkdownBlock[] {
  const { tools, trips, found } = input;
  const own = input.sessions
    .filter(({ finishedAt }) => finishedAt !== null)
    .sort((a, b) => compareAsc(a.startedAt, b.startedAt));
  const [first, last] = [own[0], own.at(-1)];
  if (!first || !last) return [{ heading: 'No entries', level: 1 }];
  const nameOf = (session: LoggedSession): string =>
    workedEdge(
      session,
      tools.find(({ id }) => id === session.toolId),
    );
  const edges = [...new Set(own.map(nameOf))].sort();
  const onTrips = trips.filter(({ id }) => own.some(({ tripId }) => tripId === id));
  return [
    { heading: `${day(first.startedAt)} to ${day(last.startedAt)}`, level: 1 },
    {
      facts: [
        ['Entries', `${own.length}, ${minutes(timeOf(own))} in all`],
        ...(onTrips.length > 0
          ? [['Trips', onTrips.map(({ name }) => name).join(', ')] as const]
          : []),
      ],
    },
    ...found.map((text) => ({ text })),
    { heading: 'What each edge got', level: 2 },
    {
      table: {
        heads: ['Edge', 'Entries', 'Time', 'Last', 'It passed then'],
        rows: edges.map((edge) => {
          const of = own.filter((session) => nameOf(session) === edge);
          const latest = of.at(-1)!;
          return [
            ...[edge, plural(of.length, 'entry', 'entries'), minutes(timeOf(of))],
            ...[day(latest.startedAt), testWords(latest.after)],
          ];
        }),
      },
    },
    { heading: 'Every entry', level: 2 },
    {
      table: {
        heads: ['Day', 'Edge', 'Work', 'With', 'Before', 'After', 'Note'],
        rows: own.map((session) => [
          ...[day(session.startedAt), nameOf(session), WORK_WORDS[session.job]],
          session.steps.map(({ abrasiveName }) => abrasiveName).join(', then '),
          ...[testWords(session.before), testWords(session.after), session.notes],
        ]),
      },
    },
  ];
}

function timeOf(sessions: readonly LoggedSession[]): number {
  const seconds = sessions.flatMap(({ steps }) => steps.map(({ activeSeconds }) => activeSeconds));
  return sum(seconds) / 60;
}
