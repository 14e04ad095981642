'use client';

import { shellWords as say } from '../../ui/words/shellWords';
import { Dialog } from '../../ui/Dialog';
import { SHORTCUTS_KEY, usePreference } from '../../ui/preferences';
import { findWords } from './words/findWords';
import { SCREENS } from './screens';
import { FIND_KEY } from './useShortcuts';

const GUIDE_KEYS = [
  [say.space, say.countAStroke],
  ['Z', say.takeAStrokeBack],
  ['T', say.turnTheToolOver],
  ['P', say.pauseAndGoOn],
  ['N', say.nextStep],
  ['B', say.stepBack],
  ['I', say.lookInkAndBurr],
] as const;

const FIND = [FIND_KEY.toUpperCase(), findWords.title] as const;

/** The sheet of keys, with the switch that turns single keys off. */
export default function ShortcutSheet({ onClose }: { onClose: () => void }) {
  const [on, setOn] = usePreference(SHORTCUTS_KEY, 'on');
  return (
    <Dialog title={say.keys} onClose={onClose}>
      <div className="mt-3 grid gap-x-10 sm:grid-cols-2">
        <KeyList
          title={say.goTo}
          keys={[...SCREENS.map(({ key, name }) => [key, name] as const), FIND]}
        />
        <KeyList title={say.inTheTouchUpGuide} keys={GUIDE_KEYS} />
      </div>
      <label className="mt-4 flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={on === 'on'}
          onChange={(event) => setOn(event.target.checked ? 'on' : 'off')}
        />
        {say.singleKeysWork}
      </label>
      <form method="dialog" className="mt-4">
        <button className="btn btn-neutral">{say.close}</button>
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
