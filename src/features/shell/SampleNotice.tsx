'use client';

import { toast } from 'sonner';
import { startEmpty, useSettings, useStore } from '../../data';

/** Says that the sample crew's data are on the rack, with the way to start empty. */
export function SampleNotice() {
  const settings = useSettings();
  const store = useStore();
  if (!settings?.demoLoadedAt) return null;

  const clear = async (): Promise<void> => {
    const before = await store.whole.readAll();
    await startEmpty(store, new Date());
    toast('The rack is empty: hang your own tools.', {
      action: { label: 'Undo', onClick: () => void store.whole.replaceAll(before) },
    });
  };
  return (
    <aside
      aria-label="Sample data"
      className="no-print flex flex-wrap items-center gap-x-4 bg-base-200 px-4 text-[0.95rem] sm:px-8"
    >
      <p className="py-2">
        These are the sample tools of the Tarrow Ness path crew.{' '}
        <span className="hidden sm:inline">Try anything; nothing leaves this device.</span>
      </p>
      <button type="button" className="link min-h-12 font-bold" onClick={() => void clear()}>
        Start empty
      </button>
    </aside>
  );
}
