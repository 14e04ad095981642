'use client';

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
    undoable('The rack is empty: hang your own tools.', () => startEmpty(store, clockNow()));
  return (
    <aside
      aria-label="Sample data"
      className="no-print flex items-center gap-x-4 bg-base-200 px-4 text-[0.95rem] sm:px-8"
    >
      <p className="py-2">
        <span className="sm:hidden">A sample crew’s tools.</span>
        <span className="hidden sm:inline">
          These are the sample tools of the Tarrow Ness path crew.{' '}
        </span>
        <span className="hidden sm:inline">Try anything; nothing leaves this device.</span>
      </p>
      <button type="button" className="link min-h-12 font-bold" onClick={() => void clear()}>
        Start empty
      </button>
      <button
        type="button"
        className="btn btn-ghost ml-auto px-3"
        aria-label="Dismiss this notice"
        onClick={() => setDismissed(loadedAt)}
      >
        <X aria-hidden size={20} />
      </button>
    </aside>
  );
}
