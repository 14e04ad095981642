import { counted } from '../words/counted';
import { uiLogTextWords as say } from '../words/logTextWords';
import { sum } from 'd3-array';
import { compareAsc } from 'date-fns';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import type { MarkdownBlock } from '../../formats/markdown';
import { day, minutes } from '../format';
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
  if (!first || !last) return [{ heading: say.noEntries, level: 1 }];
  const nameOf = (session: LoggedSession): string =>
    workedEdge(
      session,
      tools.find(({ id }) => id === session.toolId),
    );
  const edges = [...new Set(own.map(nameOf))].sort();
  const onTrips = trips.filter(({ id }) => own.some(({ tripId }) => tripId === id));
  return [
    { heading: say.fromTo(first.startedAt, last.startedAt), level: 1 },
    {
      facts: [
        [say.entries, say.entriesInAll(own.length, timeOf(own))],
        ...(onTrips.length > 0
          ? [[say.trips, onTrips.map(({ name }) => name).join(', ')] as const]
          : []),
      ],
    },
    ...found.map((text) => ({ text })),
    { heading: say.whatEachEdgeGot, level: 2 },
    {
      table: {
        heads: [say.edge, say.entries, say.time, say.last, say.itPassedThen],
        rows: edges.map((edge) => {
          const of = own.filter((session) => nameOf(session) === edge);
          const latest = of.at(-1)!;
          return [
            ...[edge, counted.entry(of.length), minutes(timeOf(of))],
            ...[day(latest.startedAt), testWords(latest.after)],
          ];
        }),
      },
    },
    { heading: say.everyEntry, level: 2 },
    {
      table: {
        heads: [say.day, say.edge, say.work, say.withThing, say.before, say.after, say.note],
        rows: own.map((session) => [
          ...[day(session.startedAt), nameOf(session), WORK_WORDS[session.job]],
          session.steps.map(({ abrasiveName }) => abrasiveName).join(say.then),
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
