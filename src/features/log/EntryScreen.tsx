'use client';

import { logWords as say } from './words';
import { TabTitle } from '../../ui/TabTitle';
import { titles } from '../../ui/words/titleWords';
import Link from '../../ui/Link';
import dynamic from 'next/dynamic';
import { useRouter, useSearchParams } from 'next/navigation';
import type { Session } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import {
  removedOne,
  useDraftState,
  useRecord,
  useRecords,
  useShelf,
  useUndoable,
} from '../../live';
import { Share } from '../../ui/Share';
import { NotesField } from '../../ui/forms/fields';
import { day, sentence } from '../../ui/format';
import { fileWord, saveMarkdown } from '../../ui/logText/saveMarkdown';
import { MicronRuler } from '../../ui/ruler/MicronRuler';
import { stepItems } from '../../ui/ruler/stepItems';
import { CorrectEntry } from './CorrectEntry';
import { EntryEdge } from './EntryEdge';
import { EntryReadings } from './EntryReadings';
import { EntrySteps } from './EntrySteps';
import { workedEdge, WORK_WORDS } from '../../ui/words/entryWords';
import { stampNow } from '../../domain/clock';
import { playedEntry } from '../../core/lab';
import type { Shelf } from '../../core/ladder';
import { LabLink } from '../../ui/LabLink';

const EntryPictures = dynamic(() => import('./EntryPictures'), { ssr: false });

/** One touch-up as it was: the edge before and after, what was done at each step, the note. */
export function EntryScreen() {
  const id = useSearchParams().get('id') ?? '';
  const { record: session, change } = useRecord('sessions', id);
  const tools = useRecords('tools');
  const trips = useRecords('trips');
  const shelf = useShelf();
  const undoable = useUndoable();
  const router = useRouter();
  if (session === undefined || !tools || !trips || !shelf) return null;
  if (session === null) {
    return <NoEntry />;
  }
  const tool = tools.find((record) => record.id === session.toolId);
  const zone = tool?.zones.find((record) => record.id === session.zoneId);
  const tripName = trips.find(({ id: tripId }) => tripId === session.tripId)?.name;
  const strike = async (): Promise<void> => {
    await undoable(say.theEntryIsTakenDown, [removedOne('sessions', session, stampNow())]);
    router.push('/log');
  };
  return (
    <article className="mx-auto w-full max-w-[82rem] px-4 py-5 sm:px-8">
      <EntryHead session={session} tool={tool} tripName={tripName} />
      {tool && zone && session.job !== 'spine' && (
        <div className="mt-3 grid gap-x-12 gap-y-4 sm:grid-cols-2">
          <EntryEdge title={say.before} tool={tool} zone={zone} seen={session.before} />
          <EntryEdge title={say.after} tool={tool} zone={zone} seen={session.after} worked />
        </div>
      )}
      <div className="mt-2">
        <MicronRuler
          title={say.ladderAsWalked}
          items={stepItems(session.steps)}
          walk={{ steps: session.steps }}
        />
      </div>
      <EntrySteps session={session} />
      {zone && <EntryInLab session={session} zone={zone} shelf={shelf} />}
      <EntryReadings session={session} />
      <CorrectEntry key={session.updatedAt} session={session} zone={zone} />
      <EntryNotes
        id={session.id}
        notes={session.notes}
        onSave={(notes) => change((record) => ({ ...record, notes, updatedAt: stampNow() }))}
      />
      <div className="mt-4 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => void saveEntry(session, tool, tripName)}
        >
          {say.saveEntryAsMarkdown}
        </button>
        <Share
          title={titles.entry(workedEdge(session, tool), day(session.startedAt))}
          blocks={() => entryText(session, tool, tripName)}
        />
        <button type="button" className="btn btn-ghost" onClick={() => void strike()}>
          {say.takeThisEntryDown}
        </button>
      </div>
      {/* Last, as they come in later: what stands above them is not moved under the hand. */}
      {tool && (
        <EntryPictures
          entry={{ store: 'sessions', id: session.id }}
          toolId={tool.id}
          zoneId={session.zoneId}
          at={session.finishedAt ?? session.startedAt}
          name={tool.name}
        />
      )}
    </article>
  );
}

function NoEntry() {
  return (
    <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
      <h1>{say.noSuchEntryHere}</h1>
      <p className="mt-3">
        <Link href="/log" className="link">
          {say.backToTheLog}
        </Link>
      </p>
    </section>
  );
}

interface EntryProps {
  session: Session;
  tool: Tool | undefined;
  tripName: string | undefined;
}

function EntryHead({ session, tool, tripName }: EntryProps) {
  const place = session.where === 'bench' ? say.workedAtTheBench : say.workedOnTheTrail;
  return (
    <div className="flex flex-wrap items-baseline gap-x-5">
      <TabTitle>{titles.entry(workedEdge(session, tool), day(session.startedAt))}</TabTitle>
      <h1>{workedEdge(session, tool)}</h1>
      <p className="text-lg text-soft">
        {sentence(WORK_WORDS[session.job])} {day(session.startedAt)},{' '}
        {tripName ? say.onTrip(tripName) : place}
        {session.written === 'afterwards' && say.writtenDownAfterwards}
      </p>
      <Link href="/log" className="link ml-auto inline-flex min-h-12 items-center">
        {say.backToTheLog}
      </Link>
    </div>
  );
}

function saveEntry(
  session: Session,
  tool: EntryProps['tool'],
  tripName: EntryProps['tripName'],
): Promise<void> {
  const name = fileWord(workedEdge(session, tool));
  return saveMarkdown(`open-trail-${name}-${session.startedAt.slice(0, 10)}.md`, () =>
    entryText(session, tool, tripName),
  );
}

/** The entry as a text; what writes it loads when it is wanted. */
async function entryText(session: Session, tool: Tool | undefined, tripName: string | undefined) {
  const { entryBlocks } = await import('../../ui/logText/entryBlocks');
  return entryBlocks(session, tool, tripName);
}

function EntryNotes(props: {
  id: string;
  notes: string;
  onSave: (notes: string) => Promise<unknown>;
}) {
  const left = useDraftState('note', props.id, props.notes, {
    title: () => say.writingANote,
    href: `/log/entry?id=${props.id}`,
  });
  const notes = left.value;
  return (
    <div className="mt-6 max-w-2xl">
      <NotesField
        label={say.note}
        value={notes}
        maxLength={4000}
        onChange={(event) => left.change(event.target.value)}
      />
      {notes !== props.notes && (
        <button
          type="button"
          className="btn btn-neutral mt-2"
          onClick={() => void props.onSave(notes.trim()).then(left.done)}
        >
          {say.saveTheNote}
        </button>
      )}
    </div>
  );
}

/** The way to the lab, where the strokes of an entry are played; and which of them nobody can play. */
function EntryInLab(props: { session: Session; zone: Zone; shelf: Shelf }) {
  const { session, zone, shelf } = props;
  const { unknown, ...played } = playedEntry({ zone, session, shelf });
  if (played.steps.length === 0) return null;
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-4">
      <LabLink toolId={session.toolId} zoneId={zone.id} question="steps" played={played} />
      {unknown.length > 0 && <p className="text-soft">{say.notPlayed(unknown)}</p>}
    </div>
  );
}
