'use client';

import { shellWords as say } from '../../ui/words/shellWords';
import Link from '../../ui/Link';
import { useKeepRecord, useSetAside, useUnusable } from '../../live';
import { UnusableRecords } from '../../ui/UnusableRecords';

/** What a screen shows when it could not be drawn: why, which record may be to blame, and the ways on. */
export default function RouteError({ error, reset }: { error: Error; reset: () => void }) {
  const unusable = useUnusable();
  const setAside = useSetAside();
  const keep = useKeepRecord();
  return (
    <section role="alert" className="mx-auto w-full max-w-3xl px-4 py-10 sm:px-8">
      <h1>{say.screenNotDrawn}</h1>
      <p className="mt-3">{say.nothingIsLostYourData(error.message)}</p>
      {unusable.length > 0 && (
        <div className="mt-4">
          <UnusableRecords records={unusable} onSetAside={setAside} onMend={keep} />
        </div>
      )}
      <div className="mt-6 flex flex-wrap gap-3">
        <button type="button" className="btn btn-primary" onClick={reset}>
          {say.drawItAgain}
        </button>
        <Link href="/data" className="btn btn-outline">
          {say.exportEverything}
        </Link>
      </div>
    </section>
  );
}
