'use client';

import { rackWords as say } from './words';
import { X } from 'lucide-react';
import { useSettings, useStore, useUndoable, startEmpty } from '../../live';
import { SAMPLE_NOTICE_KEY, usePreference } from '../../ui/preferences';
import { clockNow } from '../../domain/clock';

/** Says that the sample crew's tools hang here, with the way to start empty, until it is dismissed. */
export function SampleNotice() {
  const settings = useSettings();
  const store = useStore();
  const undoable = useUndoable();
  const [dismissed, setDismissed] = usePreference(SAMPLE_NOTICE_KEY, 'never');
  const loadedAt = settings?.demoLoadedAt;
  if (!loadedAt || dismissed === loadedAt) return null;

  const clear = (): Promise<void> =>
    undoable(say.theRackIsEmptyHang, () => startEmpty(store, clockNow()));
  return (
    <aside
      aria-label={say.sampleData}
      className="no-print flex items-center gap-x-4 bg-base-200 px-4 text-[0.95rem] sm:px-8"
    >
      <p className="py-2">
        <span className="sm:hidden">{say.aSampleCrewsTools}</span>
        <span className="hidden sm:inline">{say.theseAreTheSampleTools} </span>
        <span className="hidden sm:inline">{say.tryAnything}</span>
      </p>
      <button type="button" className="link min-h-12 font-bold" onClick={() => void clear()}>
        {say.startEmpty}
      </button>
      <button
        type="button"
        className="btn btn-ghost ml-auto px-3"
        aria-label={say.dismissThisNotice}
        onClick={() => setDismissed(loadedAt)}
      >
        <X aria-hidden size={20} />
      </button>
    </aside>
  );
}
