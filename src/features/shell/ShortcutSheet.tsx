'use client';

import { useEffect, useRef } from 'react';
import { SHORTCUTS_KEY, usePreference } from '../../ui/preferences';
import { SCREENS } from './screens';

const GUIDE_KEYS = [
  ['Space', 'count a stroke'],
  ['Z', 'take a stroke back'],
  ['T', 'turn the tool over'],
  ['P', 'pause, and go on'],
  ['N', 'next step'],
  ['B', 'step back'],
] as const;

/** The sheet of keys, with the switch that turns single keys off. */
export function ShortcutSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const ref = useRef<HTMLDialogElement>(null);
  const [on, setOn] = usePreference(SHORTCUTS_KEY, 'on');
  useEffect(() => {
    const dialog = ref.current!;
    if (open && !dialog.open) dialog.showModal();
    if (!open && dialog.open) dialog.close();
  }, [open]);
  return (
    <dialog
      ref={ref}
      onClose={onClose}
      aria-labelledby="shortcuts-title"
      className="m-auto w-[min(34rem,94vw)] bg-base-100 p-6 text-ink backdrop:bg-black/60"
    >
      <h2 id="shortcuts-title">Keys</h2>
      <div className="mt-3 grid gap-x-10 sm:grid-cols-2">
        <KeyList title="Go to" keys={SCREENS.map(({ key, name }) => [key, name] as const)} />
        <KeyList title="In the touch-up guide" keys={GUIDE_KEYS} />
      </div>
      <label className="mt-4 flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={on === 'on'}
          onChange={(event) => setOn(event.target.checked ? 'on' : 'off')}
        />
        Single keys work outside of fields
      </label>
      <form method="dialog" className="mt-4">
        <button className="btn btn-neutral">Close</button>
      </form>
    </dialog>
  );
}

function KeyList({ title, keys }: { title: string; keys: readonly (readonly [string, string])[] }) {
  return (
    <section>
      <h3 className="mb-1">{title}</h3>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {keys.map(([key, meaning]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="kbd">{key}</kbd>
            </dt>
            <dd>{meaning}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
