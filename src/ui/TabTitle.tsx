'use client';

import { useEffect } from 'react';
import { shellWords } from './words/screens/shell';

/** Names the tab by the record that its screen shows: “Wren, plan · Open Trail”. */
export function TabTitle({ children }: { children: string }) {
  useEffect(() => {
    const title = `${children} · ${shellWords.name}`;
    const name = (): void => {
      if (document.title !== title) document.title = title;
    };
    name();
    // The screen's own name may come in later than its record.
    const observer = new MutationObserver(name);
    observer.observe(document.head, { childList: true, characterData: true, subtree: true });
    return () => observer.disconnect();
  }, [children]);
  return null;
}
