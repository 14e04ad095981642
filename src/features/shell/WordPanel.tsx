'use client';

import { useEffect, useRef, useState } from 'react';
import Link from '../../ui/Link';
import { onWordAsked, type AskedWord } from '../../ui/word';
import { WordBody } from '../../ui/WordBody';
import { GLOSSARY } from '../../ui/words/glossary/glossary';
import { words } from '../../ui/words/wordsWords';

const MARGIN_PX = 8;

/** What a word means, in place: under the row of the term that was tapped, or over it where there is more room. */
export default function WordPanel() {
  const ref = useRef<HTMLDivElement>(null);
  const [asked, setAsked] = useState<AskedWord | null>(null);
  useEffect(() => onWordAsked(setAsked), []);
  useEffect(() => {
    const panel = ref.current;
    if (!asked || !panel) return;
    const { at } = asked;
    panel.showPopover();
    place(panel, at);
    at.setAttribute('aria-expanded', 'true');
    panel.focus({ preventScroll: true });
    return () => at.removeAttribute('aria-expanded');
  }, [asked]);

  const close = (): void => {
    ref.current?.hidePopover();
  };
  return (
    <div
      ref={ref}
      popover="auto"
      role="dialog"
      tabIndex={-1}
      aria-label={asked ? GLOSSARY[asked.id].name : words.title}
      className="word-panel"
      onToggle={({ newState }) => {
        if (newState !== 'closed' || !asked) return;
        asked.at.focus({ preventScroll: true });
        setAsked(null);
      }}
    >
      {asked && (
        <>
          <h2 className="mb-1">{GLOSSARY[asked.id].name}</h2>
          <WordBody id={asked.id} onWord={(id) => setAsked({ ...asked, id })} />
          <div className="mt-2 flex gap-2">
            <button type="button" className="btn btn-outline flex-1" onClick={close}>
              {words.close}
            </button>
            <Link
              href={`/words?word=${asked.id}`}
              className="btn btn-outline flex-1"
              onClick={close}
            >
              {words.all}
            </Link>
          </div>
        </>
      )}
    </div>
  );
}

/** Puts the panel under a term, clear of the bar at the thumb; over it where more room is there. */
function place(panel: HTMLElement, at: HTMLElement): void {
  const term = at.getBoundingClientRect();
  const { offsetWidth: width, offsetHeight: height } = panel;
  const bar = getComputedStyle(document.documentElement).getPropertyValue('--bar-height');
  const foot = window.innerHeight - (Number.parseFloat(bar) || 0) - MARGIN_PX;
  const left = Math.min(term.left, window.innerWidth - width - MARGIN_PX);
  const below = term.bottom + MARGIN_PX;
  const isBelow = below + height <= foot || term.top < foot / 2;
  const top = isBelow ? Math.min(below, foot - height) : term.top - height - MARGIN_PX;
  panel.style.left = `${Math.max(MARGIN_PX, left)}px`;
  panel.style.top = `${Math.max(MARGIN_PX, top)}px`;
}
