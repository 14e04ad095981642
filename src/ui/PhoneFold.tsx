'use client';

import { useState, type ReactNode } from 'react';
import { useIsWide } from './useIsWide';

/** A part of a screen that stands open where there is room, and is folded away on a phone until it is wanted. */
export function PhoneFold(props: { id: string; title: string; children: ReactNode }) {
  const { id, title, children } = props;
  const isWide = useIsWide();
  const [isOpen, setOpen] = useState(() => window.location.hash === `#${id}`);
  return (
    <section id={id} aria-label={title} className="min-w-0">
      {!isWide && (
        <h2 className="border-t border-rule">
          <button
            type="button"
            aria-expanded={isOpen}
            className="flex min-h-14 w-full cursor-pointer items-center justify-between text-left"
            onClick={() => setOpen(!isOpen)}
          >
            {title}
            <span aria-hidden className="text-2xl">
              {isOpen ? '−' : '+'}
            </span>
          </button>
        </h2>
      )}
      {/* What is folded stays there: nothing typed in it is lost. */}
      <div hidden={!isWide && !isOpen}>{children}</div>
    </section>
  );
}
