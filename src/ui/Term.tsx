'use client';

import { createContext, use, type ReactNode } from 'react';
import { askWord } from './word';
import { whatIs } from './words/wordsWords';
import { piecesOf, wordIn, type WordId } from './words/glossary/wordForms';

/** Where words lead from within an opened word; null outside of one: there each opens in place. */
const LeadsTo = createContext<((id: WordId) => void) | null>(null);

export function WordsLeadTo({ go, children }: { go: (id: WordId) => void; children: ReactNode }) {
  return <LeadsTo value={go}>{children}</LeadsTo>;
}

/** A word of the field: a tap opens what it means, right there. */
export function Term({ id, children }: { id: WordId; children: ReactNode }) {
  const go = use(LeadsTo);
  return (
    <button
      type="button"
      className="term"
      aria-haspopup={go ? undefined : 'dialog'}
      onClick={(event) => {
        // A term may stand within something that opens by a tap itself.
        event.preventDefault();
        event.stopPropagation();
        if (go) go(id);
        else askWord({ id, at: event.currentTarget });
      }}
    >
      {children}
    </button>
  );
}

/** A sentence whose words of the field each open what they mean; `apart` is one that does not. */
export function Said({ children, apart }: { children: string; apart?: WordId }) {
  return piecesOf(children).map(({ text, word }, i) =>
    word && word !== apart ? (
      <Term key={i} id={word}>
        {text}
      </Term>
    ) : (
      text
    ),
  );
}

/** Beside a label that cannot be tapped itself: opens its first word of the field; nothing where it has none. */
export function WordOf({ label }: { label: string }) {
  const id = wordIn(label);
  if (!id) return null;
  return (
    <Term id={id}>
      <span aria-hidden className="px-1">
        ?
      </span>
      <span className="sr-only">{whatIs(label)}</span>
    </Term>
  );
}
