'use client';

import { useCallback, useContext, useEffect, useRef, useState } from 'react';
import type { Draft } from '../data';
import type { DraftKind } from '../domain/drafts';
import { KeptContext } from './StoreProvider';
import { stampNow } from '../domain/clock';

/** What is typed is kept this soon (ms). */
const SOON_MS = 300;

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
  const waiting = useRef<{ timer: ReturnType<typeof setTimeout>; write: () => void } | null>(null);
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
  // Whoever leaves in mid-word leaves it behind as it is.
  useEffect(() => {
    const flush = (): void => {
      if (!waiting.current) return;
      clearTimeout(waiting.current.timer);
      waiting.current.write();
    };
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      flush();
    };
  }, []);
  const keep = useCallback(
    (half: HalfDone | null): void => {
      if (waiting.current) clearTimeout(waiting.current.timer);
      const write = (): void => {
        waiting.current = null;
        const done =
          half === null
            ? side?.delete('drafts', key)
            : side?.put('drafts', { key, at: stampNow(), ...half });
        // Where storage is shut, what is typed lasts as long as the page.
        done?.catch(() => {});
      };
      if (half === null) write();
      else waiting.current = { timer: setTimeout(write, SOON_MS), write };
    },
    [side, key],
  );
  return { found, keep };
}
