'use client';

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
    <section className="mt-10 border-t-2 border-rule pt-6" aria-label="The shelf as a table">
      <h2>The shelf as a table</h2>
      <div className="mt-3 flex flex-wrap gap-3">
        <button type="button" className="btn btn-outline" onClick={() => void saying(save)}>
          Save as CSV
        </button>
        <button type="button" className="btn btn-outline" onClick={() => input.current!.click()}>
          Take in a CSV
        </button>
        <input
          ref={input}
          type="file"
          accept=".csv,text/csv,text/plain"
          aria-label="Table to take in"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            setFile(event.target.files?.[0] ?? null);
            event.target.value = '';
          }}
        />
      </div>
      <p className="mt-2 max-w-[64ch] text-soft">
        One thing a row, under headings of any order and language: you say which column is which,
        and see what comes of it before anything is saved.
      </p>
      {file && <TableIn file={file} shelf={shelf} onClose={() => setFile(null)} />}
    </section>
  );
}
