'use client';

import { shelfWords as say } from './words';
import dynamic from 'next/dynamic';
import { useState, useRef } from 'react';
import type { EdgeNeed } from '../../core/inspection';
import { shelfAbrasives } from '../../core/ladder';
import { edgeName } from '../../domain/edgeName';
import {
  useKeepRecord,
  useRecords,
  useSetAside,
  useShelf,
  useStandings,
  useUnusable,
} from '../../live';
import { SelectField } from '../../ui/forms/fields';
import { minutes } from '../../ui/format';
import Link from '../../ui/Link';
import { walkSteps } from '../../ui/ruler/ladderItems';
import { MicronRuler, type RulerItem } from '../../ui/ruler/MicronRuler';
import { UnusableRecords } from '../../ui/UnusableRecords';
import type { Editing } from './RecordDialog';
import { ShelfTable } from './ShelfTable';
import { formatISO } from 'date-fns';
import type { ShelfThings } from '../../formats/shelf';
import { downloadText } from '../../ui/download';
import { saying } from '../../ui/saying';
import { clockNow } from '../../domain/clock';

const RecordDialog = dynamic(() => import('./RecordDialog'), { ssr: false });
const WorthTable = dynamic(() => import('./WorthTable').then((m) => m.WorthTable), { ssr: false });
const GradeConverter = dynamic(() => import('./GradeConverter').then((m) => m.GradeConverter), {
  ssr: false,
});
const ON_SHELF = ['abrasives', 'strops', 'compounds', 'lubricants', 'helpers'] as const;

/** Stones, files, papers, strops and compounds on one ruler in µm, and everything about them. */
export function ShelfScreen() {
  const shelf = useShelf();
  const helpers = useRecords('helpers');
  const standings = useStandings();
  const unusable = useUnusable(ON_SHELF);
  const setAside = useSetAside();
  const keep = useKeepRecord();
  const [toolZone, setToolZone] = useState('');
  const [editing, setEditing] = useState<Editing | null>(null);
  if (!shelf || !helpers || !standings) return null;
  const { needs, states, hand } = standings;

  const need = needs.find(({ tool, zone }) => `${tool.id}/${zone.id}` === toolZone);
  const plan = need?.plan ?? null;
  const used = new Set(plan?.steps.map(({ abrasive }) => abrasive.id));
  const items = shelfAbrasives(shelf).map(({ abrasive }): RulerItem => ({
    id: abrasive.id,
    name: abrasive.name,
    sizeUm: abrasive.sizeUm,
    shape: abrasive.kind === 'strop' ? 'strop' : abrasive.form === 'file' ? 'file' : 'stone',
    faint: plan !== null && !used.has(abrasive.id),
  }));
  const open = (id: string): void => {
    const [recordId] = id.split('/');
    const abrasive = shelf.abrasives.find((record) => record.id === recordId);
    const strop = shelf.strops.find((record) => record.id === recordId);
    if (abrasive) setEditing({ store: 'abrasives', record: abrasive });
    else if (strop) setEditing({ store: 'strops', record: strop });
  };
  const empty = items.length === 0;
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-5 sm:px-8">
      <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <div>
          <h1>{say.shelf}</h1>
          <p className="text-lg text-soft">{say.gritNumbersAreNotComparable}</p>
        </div>
        {needs.length > 0 && !empty && (
          <ToolChoice needs={needs} value={toolZone} onChange={setToolZone} />
        )}
      </div>
      <div className="mt-4">
        {empty ? (
          <FirstThing />
        ) : (
          <MicronRuler
            title={say.shelfBySize}
            items={items}
            walk={plan ? { steps: walkSteps(plan.steps) } : undefined}
            onPick={open}
          />
        )}
        {need && <LadderOf need={need} />}
      </div>
      <Link href="/lay-out" className="btn btn-outline mt-2">
        {say.layOutMore}
      </Link>
      <UnusableRecords records={unusable} onSetAside={setAside} onMend={keep} />
      <ShelfTable shelf={shelf} helpers={helpers} onEdit={setEditing} />
      {states.length > 0 && !empty && <WorthTable states={states} shelf={shelf} hand={hand} />}
      <ShelfAsTable shelf={{ ...shelf, helpers }} />
      <GradeConverter />
      {editing && (
        <RecordDialog
          key={`${editing.store}${editing.record?.id ?? 'new'}`}
          editing={editing}
          shelf={shelf}
          onClose={() => setEditing(null)}
        />
      )}
    </div>
  );
}

/** What an empty shelf says. */
function FirstThing() {
  return <p className="max-w-[60ch] py-6 text-lg">{say.putFirstThing}</p>;
}

/** Whose ladder is drawn on the ruler. */
function ToolChoice(props: {
  needs: readonly EdgeNeed[];
  value: string;
  onChange: (toolZone: string) => void;
}) {
  const { needs, value, onChange } = props;
  return (
    <div className="ml-auto w-72">
      <SelectField
        label={say.drawTheLadderOf}
        value={value}
        options={[
          ['', say.noTool],
          ...needs.map(
            ({ tool, zone }) => [`${tool.id}/${zone.id}`, edgeName(tool, zone)] as const,
          ),
        ]}
        onChange={(event) => onChange(event.target.value)}
      />
    </div>
  );
}

/** The ladder of one edge with everything on the shelf, in words. */
function LadderOf({ need }: { need: EdgeNeed }) {
  return (
    <p role="status" className="mt-1 text-lg">
      {need.tool.name}: {ladderWords(need.plan)}.
    </p>
  );
}

function ladderWords(plan: EdgeNeed['plan']): string {
  if (!plan) return say.notTestedYet;
  const { outcome, steps, missingStone } = plan;
  if (outcome === 'leave alone') return say.leaveItAlone;
  if (outcome === 'planned') {
    const names = steps.map(({ abrasive }) => abrasive.name).join(say.then);
    return `${names}; ${minutes(plan.minutes)}`;
  }
  return say.nothingOnTheShelfReaches(missingStone?.sizeUm ?? null);
}

const TableIn = dynamic(() => import('./TableIn'), { ssr: false });

/** The shelf out as a table for any spreadsheet, and in from one. */
function ShelfAsTable({ shelf }: { shelf: ShelfThings }) {
  const input = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File | null>(null);

  const save = async (): Promise<void> => {
    const { writeShelf } = await import('../../formats/shelf');
    const today = formatISO(clockNow(), { representation: 'date' });
    downloadText(`open-trail-shelf-${today}.csv`, writeShelf(shelf), 'text/csv');
  };
  return (
    <section className="mt-10 border-t-2 border-rule pt-6" aria-label={say.theShelfAsATable}>
      <h2>{say.theShelfAsATable}</h2>
      <div className="mt-3 flex flex-wrap gap-3">
        <button type="button" className="btn btn-outline" onClick={() => void saying(save)}>
          {say.saveAsCsv}
        </button>
        <button type="button" className="btn btn-outline" onClick={() => input.current!.click()}>
          {say.takeInACsv}
        </button>
        <input
          ref={input}
          type="file"
          accept=".csv,text/csv,text/plain"
          aria-label={say.tableToTakeIn}
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            setFile(event.target.files?.[0] ?? null);
            event.target.value = '';
          }}
        />
      </div>
      <p className="mt-2 max-w-[64ch] text-soft">{say.howTableIsRead}</p>
      {file && <TableIn file={file} shelf={shelf} onClose={() => setFile(null)} />}
    </section>
  );
}
