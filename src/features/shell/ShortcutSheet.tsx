'use client';

import { Dialog } from '../../ui/Dialog';
import { SHORTCUTS_KEY, usePreference } from '../../ui/preferences';
import { findWords } from '../../ui/words/findWords';
import { SCREENS } from './screens';
import { FIND_KEY } from './useShortcuts';

const GUIDE_KEYS = [
  ['Space', 'count a stroke'],
  ['Z', 'take a stroke back'],
  ['T', 'turn the tool over'],
  ['P', 'pause, and go on'],
  ['N', 'next step'],
  ['B', 'step back'],
  ['I', 'look: ink and burr'],
] as const;

const FIND = [FIND_KEY.toUpperCase(), findWords.title] as const;

/** The sheet of keys, with the switch that turns single keys off. */
export default function ShortcutSheet({ onClose }: { onClose: () => void }) {
  const [on, setOn] = usePreference(SHORTCUTS_KEY, 'on');
  return (
    <Dialog title="Keys" onClose={onClose}>
      <div className="mt-3 grid gap-x-10 sm:grid-cols-2">
        <KeyList
          title="Go to"
          keys={[...SCREENS.map(({ key, name }) => [key, name] as const), FIND]}
        />
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
    </Dialog>
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
