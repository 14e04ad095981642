'use client';

import Link from '../../ui/Link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { notice } from '../../ui/notice';
import { damageToMend, edgeWord, worstStretch } from '../../core';
import { useRecord, useRecords, useStore } from '../../live';
import type { Observation } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { EdgeStrip } from '../../ui/edge-strip/EdgeStrip';
import { NotesField } from '../../ui/forms/fields';
import { day, placeMm, sentence, um } from '../../ui/format';
import { MicronRuler } from '../../ui/ruler/MicronRuler';
import { stepItems } from '../../ui/ruler/stepItems';
import { CorrectEntry } from './CorrectEntry';
import { EntryReadings } from './EntryReadings';
import { EntrySteps } from './EntrySteps';
import { workedEdge, testWords, WORK_WORDS } from './logRows';

/** One touch-up as it was: the edge before and after, what was done at each step, the note. */
export function EntryScreen() {
  const id = useSearchParams().get('id') ?? '';
  const { record: session, change } = useRecord('sessions', id);
  const tools = useRecords('tools');
  const store = useStore();
  const router = useRouter();
  if (session === undefined || !tools) return null;
  if (session === null) {
    return (
      <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
        <h1>No such entry here</h1>
        <p className="mt-3">
          <Link href="/log" className="link">
            Back to the log
          </Link>
        </p>
      </section>
    );
  }
  const tool = tools.find((record) => record.id === session.toolId);
  const zone = tool?.zones.find((record) => record.id === session.zoneId);
  const now = (): string => new Date().toISOString();
  const strike = async (): Promise<void> => {
    await store.sessions.remove(session.id, now());
    router.push('/log');
    void notice('The entry is struck out.', {
      action: {
        label: 'Undo',
        onClick: () => void store.sessions.restore(session.id, now()),
      },
    });
  };
  return (
    <article className="mx-auto w-full max-w-[82rem] px-4 py-5 sm:px-8">
      <div className="flex flex-wrap items-baseline gap-x-5">
        <h1>{workedEdge(session, tool)}</h1>
        <p className="text-lg text-soft">
          {sentence(WORK_WORDS[session.job])} {day(session.startedAt)},{' '}
          {session.where === 'bench' ? 'at the bench' : 'on the trail'}
          {session.written === 'afterwards' && ', written down afterwards'}
        </p>
        <Link href="/log" className="link ml-auto inline-flex min-h-12 items-center">
          Back to the log
        </Link>
      </div>
      {tool && zone && session.job !== 'spine' && (
        <div className="mt-3 grid gap-x-12 gap-y-4 sm:grid-cols-2">
          <Edge title="Before" tool={tool} zone={zone} seen={session.before} />
          <Edge title="After" tool={tool} zone={zone} seen={session.after} worked />
        </div>
      )}
      <div className="mt-2">
        <MicronRuler
          title="The ladder as it was walked"
          items={stepItems(session.steps)}
          walk={{ steps: session.steps }}
        />
      </div>
      <EntrySteps session={session} />
      <EntryReadings session={session} />
      <CorrectEntry key={session.updatedAt} session={session} />
      <EntryNotes
        notes={session.notes}
        onSave={(notes) => change((record) => ({ ...record, notes, updatedAt: now() }))}
      />
      <button type="button" className="btn btn-ghost mt-4" onClick={() => void strike()}>
        Strike this entry out
      </button>
    </article>
  );
}

function Edge(props: {
  title: string;
  tool: Tool;
  zone: Zone;
  seen: Observation;
  worked?: boolean;
}) {
  const { title, tool, zone, seen, worked } = props;
  const apex = seen.tests.length > 0 ? worstStretch(seen.tests) : null;
  const depthMm = damageToMend(tool, zone, seen.findings);
  const word = apex ? edgeWord(apex.apexRadiusUm / zone.targetApexUm, depthMm) : 'unknown';
  return (
    <section>
      <h2>
        {title}: {testWords(seen)}
      </h2>
      <EdgeStrip
        edgeLengthMm={tool.edgeLengthMm}
        stretches={[{ ...zone, word, findings: seen.findings }]}
        worked={worked ? [zone] : []}
        ends={['heel', placeMm(tool.edgeLengthMm)]}
      />
      <p className="text-soft">
        {apex
          ? `${sentence(word)}: an apex of about ${um(apex.apexRadiusUm)}, asked for ${um(zone.targetApexUm)}`
          : 'not tested'}
      </p>
    </section>
  );
}

function EntryNotes(props: { notes: string; onSave: (notes: string) => Promise<unknown> }) {
  const [notes, setNotes] = useState(props.notes);
  return (
    <div className="mt-6 max-w-2xl">
      <NotesField
        label="Note"
        value={notes}
        maxLength={4000}
        onChange={(event) => setNotes(event.target.value)}
      />
      {notes !== props.notes && (
        <button
          type="button"
          className="btn btn-neutral mt-2"
          onClick={() => void props.onSave(notes.trim())}
        >
          Keep the note
        </button>
      )}
    </div>
  );
}
