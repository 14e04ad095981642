'use client';

import { useCopies } from '../../live';
import { attempt } from '../../ui/attempt';
import { day, plural } from '../../ui/format';
import { notice } from '../../ui/notice';

/** Where copies outside the browser go by themselves, and when the last one was made. */
export function CopiesKept({ onBringIn }: { onBringIn: (file: File) => void }) {
  const copies = useCopies();
  if (!copies) return null;
  const { last, since, folder, may, canChoose } = copies;
  const bringIn = async (): Promise<void> => {
    const file = await copies.newest();
    if (file) onBringIn(file);
    else void notice('There is no copy in this folder.');
  };
  return (
    <section className="mt-8" aria-label="Copies">
      <h2>Copies outside this browser</h2>
      <p className="mt-1 max-w-[56ch]">
        {last
          ? `The last one is of ${day(last.at)}; ${plural(Math.max(0, since), 'entry', 'entries')} since.`
          : 'None was made yet.'}
        {folder &&
          ` Up to three stand in the folder${folder.name && ` ${folder.name}`}, the newest in the place of the oldest.`}
      </p>
      {folder && may !== 'granted' && (
        <p className="field-error mt-1">
          The folder may not be written to since this page was opened.
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-3">
        {folder && may !== 'granted' && (
          <button type="button" className="btn btn-primary" onClick={() => attempt(copies.allow())}>
            Let copies go on
          </button>
        )}
        {canChoose && (
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => attempt(copies.choose())}
          >
            {folder ? 'Choose another folder' : 'Keep copies in a folder'}
          </button>
        )}
        {folder && (
          <button type="button" className="btn btn-outline" onClick={() => attempt(bringIn())}>
            Bring in the newest copy
          </button>
        )}
        {!canChoose && (
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => attempt(copies.hand('share'))}
          >
            Share a copy
          </button>
        )}
      </div>
    </section>
  );
}
