'use client';

import { useState } from 'react';
import type { DraftKind } from '../domain/drafts';
import { useDraft } from './useDraft';

/** A state that is kept as it changes, and is as it was left on return. */
export interface DraftState<V> {
  value: V;
  /** Whether it is still read what was left here. */
  isReading: boolean;
  /** Shows a change that does not stay yet. */
  show: (next: V) => void;
  change: (next: V) => void;
  /** When what stands here was left; null where it begins anew. */
  leftAt: string | null;
  /** Forgets it: it is saved. */
  done: () => void;
  /** Forgets it, and begins anew. */
  startAnew: () => void;
}

export function useDraftState<V>(
  kind: DraftKind,
  id: string,
  initial: V,
  about: { title: (value: V) => string; href: string },
): DraftState<V> {
  const { found, keep } = useDraft(kind, id);
  // Null until something is done here.
  const [own, setOwn] = useState<{ value: V } | null>(null);
  const [isAnew, setAnew] = useState(false);
  const left = found && !isAnew ? found : null;
  const value = own ? own.value : left ? (left.value as V) : initial;
  return {
    value,
    isReading: found === undefined,
    show: (next) => setOwn({ value: next }),
    leftAt: left?.at ?? null,
    change(next) {
      setOwn({ value: next });
      keep({ title: about.title(next), href: about.href, value: next });
    },
    done() {
      keep(null);
      setAnew(true);
    },
    startAnew() {
      keep(null);
      setOwn(null);
      setAnew(true);
    },
  };
}
