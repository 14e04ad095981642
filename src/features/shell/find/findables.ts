import { toolLink } from '../../../ui/links';
import { kindName } from '../../../ui/words/kindName';
import type { EdgeNeed } from '../../../core/inspection';
import { edgeName } from '../../../domain/edgeName';
import type { LoggedSession } from '../../../domain/loggedSession';
import type { Tool } from '../../../domain/tool';
import type { Trip } from '../../../domain/trip';
import { day } from '../../../ui/format';
import { jobLink } from '../../../ui/jobAddress';
import { tripQuery } from '../../../ui/useChosenTrip';
import { workedEdge, WORK_WORDS } from '../../../ui/words/entryWords';
import { doings, findWords, screenDoings } from '../words/findWords';
import { GLOSSARY, WORD_IDS } from '../../../ui/words/glossary/glossary';
import { WORD_FORMS } from '../../../ui/words/glossary/wordForms';

/** What a search can find, in the order in which it is shown. */
export const FINDABLE_KINDS = ['doing', 'tool', 'thing', 'trip', 'word', 'entry'] as const;
type FindableKind = (typeof FINDABLE_KINDS)[number];

/** Something to be found: what it is called, a line on it, where it is, and everything it is found by. */
export interface Findable {
  kind: FindableKind;
  title: string;
  line: string;
  href: string;
  /** In plain small letters. */
  text: string;
}

interface Found {
  tools: readonly Tool[];
  needs: readonly Pick<EdgeNeed, 'tool' | 'zone' | 'stops'>[];
  things: readonly { id: string; name: string; notes: string }[];
  trips: readonly Trip[];
}

/** Everything but the log: doings, tools, things, trips and words. */
export function findables({ tools, needs, things, trips }: Found): Findable[] {
  return [
    ...needs.flatMap(doingsOn),
    ...screenDoings.map(({ title, also, href }) => findable('doing', title, '', href, also)),
    ...tools.map((tool) => {
      const kind = kindName(tool.kind);
      return findable('tool', tool.name, kind, toolLink(tool.id), `${kind} ${tool.notes}`);
    }),
    ...things.map(({ name, notes }) => findable('thing', name, findWords.onShelf, '/shelf', notes)),
    ...trips.map((trip) =>
      findable('trip', trip.name, day(trip.startsOn), `/trip${tripQuery(trip.id)}`, ''),
    ),
    ...WORD_IDS.map((id) => {
      const { name, line, says } = GLOSSARY[id];
      return findable('word', name, line, `/words?word=${id}`, [...WORD_FORMS[id], says].join(' '));
    }),
  ];
}

/** The entries of the log, the newest first. */
export function findableEntries(
  sessions: readonly LoggedSession[],
  tools: readonly Tool[],
): Findable[] {
  const byId = new Map(tools.map((tool) => [tool.id, tool]));
  return [...sessions]
    .sort((a, b) => (a.startedAt < b.startedAt ? 1 : -1))
    .map((session) => {
      const { id, toolId, startedAt, job, steps, notes } = session;
      const edge = workedEdge(session, byId.get(toolId));
      const things = [...new Set(steps.map(({ abrasiveName }) => abrasiveName))].join(', ');
      const title = `${edge}, ${day(startedAt)}`;
      const line = notes || things;
      const also = `${WORK_WORDS[job]} ${things} ${notes}`;
      return findable('entry', title, line, `/log/entry?id=${id}`, also);
    });
}

function doingsOn({ tool, zone, stops }: Found['needs'][number]): Findable[] {
  const name = edgeName(tool, zone);
  const kind = kindName(tool.kind);
  return doings
    .filter(({ isWork }) => !isWork || stops.length === 0)
    .map(({ says, also, job, path }) => {
      const href = job
        ? jobLink({ toolId: tool.id, zoneId: zone.id, job })
        : path!(tool.id, zone.id);
      return findable('doing', says(name), kind, href, `${also} ${kind}`);
    });
}

function findable(
  kind: FindableKind,
  title: string,
  line: string,
  href: string,
  also: string,
): Findable {
  return { kind, title, line, href, text: plain(`${title} ${line} ${also}`) };
}

/** Small letters without accents, as people type them. */
function plain(text: string): string {
  return text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '');
}

/** Little words that say nothing of what is looked for. */
const LITTLE = new Set(['the', 'a', 'an', 'my', 'of', 'to', 'with', 'on']);

/** So many of each kind are shown. */
const MOST_OF_A_KIND = 6;

/**
 * What holds every word that was typed, the best first within its kind: words at the start of a title, then at
 * the start of any word, then anywhere.
 */
export function find(all: readonly Findable[], typed: string): Findable[] {
  const words = plain(typed)
    .split(/\s+/)
    .filter((word) => word !== '');
  const telling = words.filter((word) => !LITTLE.has(word));
  const asked = telling.length > 0 ? telling : words;
  if (asked.length === 0) return [];
  const fitting = all.filter(({ text }) => asked.every((word) => text.includes(word)));
  return FINDABLE_KINDS.flatMap((kind) =>
    fitting
      .filter((own) => own.kind === kind)
      .map((own, i) => ({ own, i, rank: rankOf(own, asked) }))
      .sort((a, b) => a.rank - b.rank || a.i - b.i)
      .slice(0, MOST_OF_A_KIND)
      .map(({ own }) => own),
  );
}

/** How well a text fits: 0 where every word stands at the start of one in it. */
function rankOf({ title, text }: Findable, asked: readonly string[]): number {
  const small = plain(title);
  return asked.reduce((rank, word) => {
    if (small.startsWith(word)) return rank;
    if (` ${small}`.includes(` ${word}`)) return rank + 1;
    return rank + (` ${text}`.includes(` ${word}`) ? 2 : 3);
  }, 0);
}
