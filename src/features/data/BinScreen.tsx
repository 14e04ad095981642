'use client';

import { dataWords as say } from './words';
import { useBin, useBinActs, useRecords, type Binned } from '../../live';
import Link from '../../ui/Link';

/** What each kind of thing in the bin is, where it has no name of its own. */
const KINDS: Partial<Record<Binned['store'], string>> = {
  sessions: say.aTouchUp,
  inspections: say.aLook,
  care: say.careThatWasDone,
  photos: say.aPicture,
};

/** What was taken down, from wherever it was: put back by a tap, until the bin is emptied. */
export function BinScreen() {
  const binned = useBin();
  const tools = useRecords('tools');
  const { putBack, empty } = useBinActs();
  if (!binned || !tools) return null;
  const nameOf = (own: Binned): string => {
    const { name, toolId } = own.record;
    const ofTool = [...tools, ...binned.map(({ record }) => record)].find(
      ({ id }) => id === toolId,
    );
    const what = name ?? KINDS[own.store] ?? say.something;
    return ofTool?.name && !name ? say.ofTool(what, ofTool.name) : what;
  };
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-5 sm:px-8">
      <h1>{say.theBin}</h1>
      <p className="mt-1 text-soft">
        {say.everythingThatYouTookDown}{' '}
        <Link href="/data" className="link">
          {say.backToTheData}
        </Link>
      </p>
      {binned.length === 0 ? (
        <p className="mt-4">{say.nothingHangsInIt}</p>
      ) : (
        <>
          <ul className="mt-3" aria-label={say.inTheBin}>
            {binned.map((own) => (
              <li
                key={`${own.store} ${own.record.id}`}
                className="flex items-center gap-4 border-b border-rule py-1"
              >
                <span className="min-w-0 flex-1">
                  {say.inBinSince(<b>{nameOf(own)}</b>, own.record.deletedAt)}
                </span>
                <button
                  type="button"
                  className="btn btn-outline"
                  aria-label={say.putBackThing(nameOf(own))}
                  onClick={() => void putBack(own, say.thingIsBack(nameOf(own)))}
                >
                  {say.putBack}
                </button>
              </li>
            ))}
          </ul>
          <p className="mt-6">{say.emptiedItGoesForGood}</p>
          <button
            type="button"
            className="btn btn-neutral mt-2"
            onClick={() => void empty(binned, say.theBinIsEmpty)}
          >
            {say.emptyTheBin(binned.length)}
          </button>
        </>
      )}
    </div>
  );
}
