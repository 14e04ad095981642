'use client';

import { useState, type ReactNode } from 'react';

/**
 * The rest of a form, folded behind a line that says what it holds at present; open where something
 * in it is wrong.
 */
export function Folded(props: {
  title: string;
  holds: string;
  hasError?: boolean;
  /** Drawn only once it is open: for what is long, or loads when it is wanted. */
  isLazy?: boolean;
  children: ReactNode;
}) {
  const { title, holds, hasError = false, isLazy = false, children } = props;
  const [isOpen, setOpen] = useState(false);
  return (
    <details
      className="border-y border-rule"
      open={isOpen || hasError}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="min-h-12 cursor-pointer py-3">
        <span className="font-semibold">{title}</span>{' '}
        <span className="figures text-soft">{holds}</span>
      </summary>
      <div className="grid gap-4 pb-4">{(!isLazy || isOpen) && children}</div>
    </details>
  );
}
