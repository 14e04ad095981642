'use client';

import { shelfWords as say } from '../../ui/words/screens/shelf';
import { formatISO } from 'date-fns';
import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import type { ShelfThings } from '../../formats/shelf';
import { downloadText } from '../../ui/download';
import { saying } from '../../ui/saying';
import { clockNow } from '../../domain/clock';

const TableIn = dynamic(() => import('./TableIn'), { ssr: false });

/** The shelf out as a table for any spreadsheet, and in from one. */
export function ShelfAsTable({ shelf }: { shelf: ShelfThings }) {
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
      <p className="mt-2 max-w-[64ch] text-soft">{say.oneThingARowUnder}</p>
      {file && <TableIn file={file} shelf={shelf} onClose={() => setFile(null)} />}
    </section>
  );
}
