'use client';

import { useRouter } from 'next/navigation';
import { useDeferredValue, useId, useMemo, useState } from 'react';
import { useEdgeNeeds, useRecords, useSessions, useShelf } from '../../../live';
import { Dialog } from '../../../ui/Dialog';
import Link from '../../../ui/Link';
import { findWords, KIND_WORDS } from '../words/findWords';
import { find, findableEntries, findables, FINDABLE_KINDS, type Findable } from './findables';

/** One search over tools, things, trips, entries, words and doings; keys go through what was found. */
export default function FindDialog({ onClose }: { onClose: () => void }) {
  const router = useRouter();
  const [typed, setTyped] = useState('');
  const [at, setAt] = useState(0);
  const all = useFindables();
  const asked = useDeferredValue(typed);
  const found = useMemo(() => find(all, asked), [all, asked]);
  const id = useId();
  const chosen = found[Math.min(at, found.length - 1)];
  const go = (own: Findable): void => {
    onClose();
    router.push(own.href);
  };
  const onKey = (event: React.KeyboardEvent): void => {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (by !== 0 && found.length > 0) {
      event.preventDefault();
      const next = (at + by + found.length) % found.length;
      setAt(next);
      document.getElementById(`${id}-${next}`)?.scrollIntoView({ block: 'nearest' });
    }
    if (event.key === 'Enter' && chosen) {
      event.preventDefault();
      go(chosen);
    }
  };
  return (
    <Dialog title={findWords.title} onClose={onClose}>
      <input
        type="search"
        role="combobox"
        aria-label={findWords.label}
        aria-expanded={found.length > 0}
        aria-controls={id}
        aria-activedescendant={chosen ? `${id}-${found.indexOf(chosen)}` : undefined}
        autoComplete="off"
        autoFocus
        placeholder={findWords.label}
        className="input mt-2 w-full text-lg"
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          setAt(0);
        }}
        onKeyDown={onKey}
      />
      <p role="status" className="mt-1 min-h-6 text-soft">
        {asked.trim() === ''
          ? findWords.hint
          : found.length === 0
            ? findWords.nothing
            : findWords.count(found.length)}
      </p>
      <FoundList id={id} found={found} chosen={chosen} onGo={go} />
      <form method="dialog" className="mt-2 flex gap-3">
        <button className="btn btn-outline">{findWords.close}</button>
        <Link href="/words" className="btn btn-ghost" onClick={onClose}>
          {findWords.allWords}
        </Link>
      </form>
    </Dialog>
  );
}

/** What was found, by its kind. */
function FoundList(props: {
  id: string;
  found: readonly Findable[];
  chosen: Findable | undefined;
  onGo: (found: Findable) => void;
}) {
  const { id, found, chosen, onGo } = props;
  return (
    <div id={id} role="listbox" aria-label={findWords.title} className="h-[50dvh] overflow-y-auto">
      {FINDABLE_KINDS.map((kind) => {
        const own = found.filter((each) => each.kind === kind);
        if (own.length === 0) return null;
        return (
          <div key={kind} role="group" aria-label={KIND_WORDS[kind]}>
            <p aria-hidden className="text-soft">
              {KIND_WORDS[kind]}
            </p>
            {own.map((each) => (
              <Line
                key={`${each.href} ${each.title}`}
                id={`${id}-${found.indexOf(each)}`}
                found={each}
                isChosen={each === chosen}
                onGo={() => onGo(each)}
              />
            ))}
          </div>
        );
      })}
    </div>
  );
}

function Line(props: { id: string; found: Findable; isChosen: boolean; onGo: () => void }) {
  const { id, found, isChosen, onGo } = props;
  return (
    <div
      id={id}
      role="option"
      aria-selected={isChosen}
      tabIndex={-1}
      className={`flex min-h-12 cursor-pointer flex-wrap items-center gap-x-3 px-2 ${isChosen ? 'bg-neutral text-neutral-content' : 'hover:bg-base-200'}`}
      onClick={onGo}
    >
      <b className="sign text-lg">{found.title}</b>
      <span className="min-w-0 truncate text-[0.95rem]">{found.line}</span>
    </div>
  );
}

/** Everything that can be found; the log comes in once it is read. */
function useFindables(): Findable[] {
  const tools = useRecords('tools');
  const needs = useEdgeNeeds();
  const shelf = useShelf();
  const helpers = useRecords('helpers');
  const trips = useRecords('trips');
  const sessions = useSessions();
  const near = useMemo(
    () =>
      findables({
        tools: tools ?? [],
        needs: needs ?? [],
        trips: trips ?? [],
        things: shelf
          ? [
              ...shelf.abrasives,
              ...shelf.strops,
              ...shelf.compounds,
              ...shelf.lubricants,
              ...(helpers ?? []),
            ]
          : [],
      }),
    [tools, needs, shelf, helpers, trips],
  );
  const entries = useMemo(() => findableEntries(sessions ?? [], tools ?? []), [sessions, tools]);
  return useMemo(() => [...near, ...entries], [near, entries]);
}
