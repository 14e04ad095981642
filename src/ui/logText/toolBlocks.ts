import { kindName } from '../words/kindName';
import { counted } from '../words/counted';
import { uiLogTextWords as say } from '../words/logTextWords';
import { compareDesc } from 'date-fns';
import type { EdgeAnswers, EdgeStory } from '../../core/answers';
import { edgeName } from '../../domain/edgeName';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Inspection } from '../../domain/session';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import type { MarkdownBlock } from '../../formats/markdown';
import { angleBothWays, day, mm } from '../format';
import { spoken } from '../words/closedWords';
import { storyWords } from '../words/logWords';
import { entryBlocks, seenWords } from './entryBlocks';

/** Everything that was done on one tool, as a text, newest first. */
export function toolBlocks(input: {
  tool: Tool;
  sessions: readonly LoggedSession[];
  inspections: readonly Inspection[];
  trips: readonly Trip[];
  edges: readonly (EdgeAnswers & { story: EdgeStory | null })[];
}): MarkdownBlock[] {
  const { tool, sessions, inspections, trips, edges } = input;
  const own = sessions
    .filter(({ toolId, finishedAt }) => toolId === tool.id && finishedAt !== null)
    .sort((a, b) => compareDesc(a.startedAt, b.startedAt));
  const looks = inspections
    .filter(({ toolId }) => toolId === tool.id)
    .sort((a, b) => compareDesc(a.at, b.at));
  return [
    { heading: tool.name, level: 1 },
    {
      facts: [
        [say.kind, kindName(tool.kind)],
        [say.edge, mm(tool.edgeLengthMm)],
        ...tool.zones.map(
          (zone) =>
            [
              edgeName(tool, zone),
              `${spoken(zone.grind)}, ${angleBothWays(zone.bevelAngleDeg)}`,
            ] as const,
        ),
        [say.log, `${counted.entry(own.length)}, ${counted.look(looks.length)}`],
      ],
    },
    ...edges.flatMap(({ story, toolId }): MarkdownBlock[] =>
      story && toolId === tool.id ? [{ text: `${tool.name} ${storyWords(story)}` }] : [],
    ),
    ...own.flatMap((session) =>
      entryBlocks(session, tool, trips.find(({ id }) => id === session.tripId)?.name, 2),
    ),
    ...(looks.length > 0
      ? [
          { heading: say.looksBetween, level: 2 } as const,
          {
            table: {
              heads: [say.day, say.edge, say.seen, say.note],
              rows: looks.map(({ at, zoneId, seen, notes }) => {
                const zone = tool.zones.find(({ id }) => id === zoneId);
                return [day(at), zone ? edgeName(tool, zone) : zoneId, seenWords(seen), notes];
              }),
            },
          },
        ]
      : []),
  ];
}
