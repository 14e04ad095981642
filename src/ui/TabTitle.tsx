'use client';

import { useLayoutEffect } from 'react';
import { shellWords } from './words/shellWords';

/**
 * Names the tab by the record that its screen shows: “Wren, plan · Open Trail”. A screen's own name may come in later than
 * its record, and the next screen's before this one is left: that one stands then.
 */
export function TabTitle({ children }: { children: string }) {
  useLayoutEffect(() => {
    const title = `${children} · ${shellWords.name}`;
    let screens = document.title;
    const name = (): void => {
      if (document.title === title) return;
      screens = document.title;
      document.title = title;
    };
    name();
    const observer = new MutationObserver(name);
    observer.observe(document.head, { childList: true, characterData: true, subtree: true });
    return () => {
      observer.disconnect();
      if (document.title === title) document.title = screens;
    };
  }, [children]);
  return null;
}
