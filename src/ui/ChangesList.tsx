'use client';

import { uiPartsWords as say } from './words/partsWords';
import { useState } from 'react';
import { Folded } from './forms/Folded';
import { day } from './format';
import Link from './Link';
import { fieldName, fieldValue } from './words/fieldWords';
import type { HistoryEntry } from '../domain/history';

type Change = HistoryEntry['changes'][number];

/** Entries that are shown before more are asked for. */
const PAGE = 6;

/** What a record went through, field by field, the latest first, folded; each line can be taken back. */
export function ChangesList(props: {
  entries: readonly HistoryEntry[];
  /** The name of what an id in a path stands for. */
  nameOf: (id: string) => string;
  onTakeBack: (entry: HistoryEntry, change: Change) => Promise<void>;
}) {
  const { entries, nameOf, onTakeBack } = props;
  const [shown, setShown] = useState(PAGE);
  if (entries.length === 0) return null;
  return (
    <Folded title={say.changes} holds={say.theLastOn(entries[0]!.at)} isLazy>
      <ul>
        {entries.slice(0, shown).map((entry) => (
          <li key={entry.id} className="border-b border-rule py-2">
            <p className="text-soft">
              {day(entry.at)}, <Cause entry={entry} />
            </p>
            <ul>
              {entry.changes.map((change) => {
                const name = fieldName(change.path, nameOf);
                return (
                  <li key={name} className="flex flex-wrap items-center gap-x-4">
                    <span className="min-w-0 flex-1">
                      {name}: {fieldValue(change.path, change.from)} →{' '}
                      <b>{fieldValue(change.path, change.to)}</b>
                    </span>
                    <button
                      type="button"
                      className="link min-h-12"
                      aria-label={say.takeBackChange(name)}
                      onClick={() => void onTakeBack(entry, change)}
                    >
                      {say.takeBack}
                    </button>
                  </li>
                );
              })}
            </ul>
          </li>
        ))}
      </ul>
      {entries.length > shown && (
        <button type="button" className="link min-h-12" onClick={() => setShown(shown + PAGE)}>
          {say.earlierEntries(entries.length - shown)}
        </button>
      )}
    </Folded>
  );
}

function Cause({ entry: { cause, sessionId, person } }: { entry: HistoryEntry }) {
  if (sessionId !== null) {
    return (
      <Link href={`/log/entry?id=${sessionId}`} className="link">
        {say.byATouchUp}
      </Link>
    );
  }
  const words = {
    'by hand': say.byHand,
    'touch-up': say.byATouchUp,
    file: say.fromAFile,
    'taken back': say.takenBack,
  };
  return person ? say.changedBy(words[cause], person) : words[cause];
}
