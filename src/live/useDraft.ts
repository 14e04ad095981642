'use client';

import { useCallback, useContext, useEffect, useRef, useState } from 'react';
import type { Draft } from '../data';
import type { DraftKind } from '../domain/drafts';
import { KeptContext } from './StoreProvider';
import { stampNow } from '../domain/clock';

/** Something half done: what it is in words, where it goes on, and all of it. */
export type HalfDone = Pick<Draft, 'title' | 'href' | 'value'>;

/**
 * Keeps something half done on this device, as it is done, and gives it back on return: leaving never asks,
 * and never loses. `found` is undefined while it is read, null where there is none that can be gone on with.
 * `keep(null)` forgets it, once it is saved or discarded.
 */
export function useDraft(
  kind: DraftKind,
  id: string,
): { found: Draft | null | undefined; keep: (half: HalfDone | null) => void } {
  const side = useContext(KeptContext)?.side ?? null;
  const key = `${kind} ${id}`;
  const [found, setFound] = useState<Draft | null | undefined>(undefined);
  useEffect(() => {
    let isGone = false;
    const read = async (): Promise<Draft | null> => {
      const draft = await side?.get('drafts', key);
      if (!draft) return null;
      const { DRAFT_SCHEMAS } = await import('../domain/drafts');
      return DRAFT_SCHEMAS[kind].isValidSync(draft.value, { strict: true }) ? draft : null;
    };
    read().then(
      (draft) => !isGone && setFound(draft),
      () => !isGone && setFound(null),
    );
    return () => {
      isGone = true;
    };
  }, [side, key, kind]);
  // Each state is written as it comes, and the latest of those that came while one was written.
  const writing = useRef<{ next: (() => Promise<unknown>) | null } | null>(null);
  const keep = useCallback(
    (half: HalfDone | null): void => {
      const write = async (): Promise<unknown> =>
        half === null
          ? side?.delete('drafts', key)
          : side?.put('drafts', { key, at: stampNow(), ...half });
      if (writing.current) writing.current.next = write;
      else void writeAll(write, writing);
    },
    [side, key],
  );
  return { found, keep };
}

async function writeAll(
  first: () => Promise<unknown>,
  writing: { current: { next: (() => Promise<unknown>) | null } | null },
): Promise<void> {
  const own: { next: (() => Promise<unknown>) | null } = { next: first };
  writing.current = own;
  while (own.next) {
    const write = own.next;
    own.next = null;
    // Where storage is shut, what is typed lasts as long as the page.
    await write().catch(() => {});
  }
  writing.current = null;
}
