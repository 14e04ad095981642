'use client';

import { spoken } from '../../ui/words/closedWords';
import { logWords as say } from './words';
import { TabTitle } from '../../ui/TabTitle';
import { titles } from '../../ui/words/titleWords';
import dynamic from 'next/dynamic';
import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { edgeName } from '../../domain/edgeName';
import type { Inspection } from '../../domain/session';
import type { Tool } from '../../domain/tool';
import { removedOne, useDraftState, useRecord, useRecords, useUndoable } from '../../live';
import { NotesField, TextField } from '../../ui/forms/fields';
import { day } from '../../ui/format';
import Link from '../../ui/Link';
import { LeftHere } from '../../ui/LeftHere';
import { ObservationFields } from '../../ui/ObservationFields';
import { Fault } from '../../ui/Fault';
import { failureWords } from '../../ui/words/failureWords';
import { seenInWords } from '../../ui/words/seenWords';
import { EdgeSelect } from './EdgeSelect';
import { dayFault, dayIn, onDay } from './entryDay';
import { stampNow } from '../../domain/clock';

const EntryPictures = dynamic(() => import('./EntryPictures'), { ssr: false });

/** One look at an edge, with its tests: to be read, put right, and struck out. */
export function LookScreen() {
  const id = useSearchParams().get('id') ?? '';
  const { record: look } = useRecord('inspections', id);
  const tools = useRecords('tools');
  if (look === undefined || !tools) return null;
  if (look === null) {
    return (
      <section className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
        <h1>{say.thereIsNoSuchLook}</h1>
        <p className="mt-2">
          {say.itMayBeTakenDown}{' '}
          <Link href="/log" className="link">
            {say.toTheLog}
          </Link>
        </p>
      </section>
    );
  }
  return (
    <article className="mx-auto w-full max-w-3xl px-4 py-5 sm:px-8">
      <Look key={look.updatedAt} look={look} tools={tools} />
      <LookPictures look={look} tools={tools} />
    </article>
  );
}

function Look({ look, tools }: { look: Inspection; tools: readonly Tool[] }) {
  const { keep, strike } = useLookActs(look);
  const left = useDraftState<{ draft: Inspection; when: string }>(
    'corrected look',
    look.id,
    { draft: look, when: dayIn(look.at) },
    { title: () => say.correctingTheLookOf(look.at), href: `/log/look?id=${look.id}` },
  );
  const { draft, when } = left.value;
  const setDraft = (next: Inspection): void => left.change({ draft: next, when });
  const [failure, setFailure] = useState<string | null>(null);
  const tool = tools.find(({ id }) => id === draft.toolId);
  const zone = tool?.zones.find(({ id }) => id === draft.zoneId);
  return (
    <>
      <TabTitle>{titles.entry(tool && zone ? edgeName(tool, zone) : '', day(look.at))}</TabTitle>
      <h1>{tool && zone ? edgeName(tool, zone) : say.toolTakenDownHeading}</h1>
      <p className="text-lg text-soft">
        {say.lookedAtOn(look.at, seenInWords(look.seen), checkWords(look))}
      </p>
      <form
        noValidate
        className="mt-4 grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void keep(draft, when).then((fault) => {
            setFailure(fault);
            if (fault === null) left.done();
          });
        }}
      >
        <LeftHere at={left.leftAt} onAnew={left.startAnew} />
        <div className="grid gap-4 sm:grid-cols-2">
          <EdgeSelect
            tools={tools}
            edge={draft}
            onChange={(edge) => setDraft({ ...draft, ...edge })}
          />
          <TextField
            label={say.day}
            type="date"
            value={when}
            onChange={(event) => left.change({ draft, when: event.target.value })}
          />
        </div>
        {zone && (
          <ObservationFields
            legend={say.finestTestPassed}
            value={draft.seen}
            onChange={(seen) => setDraft({ ...draft, seen })}
            zone={zone}
          />
        )}
        <NotesField
          label={say.notes}
          value={draft.notes}
          onChange={(event) => setDraft({ ...draft, notes: event.target.value })}
        />
        <Fault words={failure} />
        <div className="flex flex-wrap gap-3">
          <button className="btn btn-neutral">{say.saveTheCorrection}</button>
          <button type="button" className="btn btn-ghost" onClick={() => void strike()}>
            {say.takeItDown}
          </button>
        </div>
      </form>
    </>
  );
}

function LookPictures({ look, tools }: { look: Inspection; tools: readonly Tool[] }) {
  const tool = tools.find(({ id }) => id === look.toolId);
  const zone = tool?.zones.find(({ id }) => id === look.zoneId);
  if (!tool || !zone) return null;
  return (
    <EntryPictures
      entry={{ store: 'inspections', id: look.id }}
      toolId={tool.id}
      zoneId={zone.id}
      at={look.at}
      name={edgeName(tool, zone)}
    />
  );
}

/** What may be done about a look: keep it as it was corrected, what stood in the way or null; strike it out. */
function useLookActs(look: Inspection) {
  const router = useRouter();
  const undoable = useUndoable();
  return {
    keep: async (draft: Inspection, when: string): Promise<string | null> => {
      const fault = dayFault(look.at, when);
      if (fault) return fault;
      const record = { ...draft, at: onDay(draft.at, when), updatedAt: stampNow() };
      try {
        await undoable(say.theLookIsCorrected, [
          { store: 'inspections', id: look.id, before: look, after: record },
        ]);
        return null;
      } catch (error) {
        return failureWords(error as Error);
      }
    },
    strike: async (): Promise<void> => {
      await undoable(say.theLookIsTakenDown, [removedOne('inspections', look, stampNow())]);
      router.push('/log');
    },
  };
}

/** What was found of the whole tool. */
function checkWords({ checks }: Inspection): string {
  const found = Object.entries(checks).flatMap(([part, word]) =>
    word ? [`${part} ${spoken(word)}`] : [],
  );
  return found.length > 0 ? `; ${found.join(', ')}` : '';
}
