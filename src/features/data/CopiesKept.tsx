'use client';

import { dataWords as say } from '../../ui/words/screens/data';
import { useCopies } from '../../live';
import { attempt } from '../../ui/attempt';
import { day } from '../../ui/format';
import { notice } from '../../ui/notice';

/** Where copies outside the browser go by themselves, and when the last one was made. */
export function CopiesKept({ onBringIn }: { onBringIn: (file: File) => void }) {
  const copies = useCopies();
  if (!copies) return null;
  const { last, since, folder, may, canChoose } = copies;
  const bringIn = async (): Promise<void> => {
    const file = await copies.newest();
    if (file) onBringIn(file);
    else void notice(say.thereIsNoCopyIn);
  };
  return (
    <section className="mt-8" aria-label={say.copies}>
      <h2>{say.copiesOutsideThisBrowser}</h2>
      <p className="mt-1 max-w-[56ch]">
        {last ? say.theLastOneIsOf(day(last.at), Math.max(0, since)) : say.noneWasMadeYet}
        {folder && say.upToThreeStandIn(folder.name && ` ${folder.name}`)}
      </p>
      {folder && may !== 'granted' && <p className="field-error mt-1">{say.theFolderMayNotBe}</p>}
      <div className="mt-2 flex flex-wrap gap-3">
        {folder && may !== 'granted' && (
          <button type="button" className="btn btn-primary" onClick={() => attempt(copies.allow())}>
            {say.letCopiesGoOn}
          </button>
        )}
        {canChoose && (
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => attempt(copies.choose())}
          >
            {folder ? say.chooseAnotherFolder : say.keepCopiesInAFolder}
          </button>
        )}
        {folder && (
          <button type="button" className="btn btn-outline" onClick={() => attempt(bringIn())}>
            {say.bringInTheNewestCopy}
          </button>
        )}
        {!canChoose && (
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => attempt(copies.hand('share'))}
          >
            {say.shareACopy}
          </button>
        )}
      </div>
    </section>
  );
}
