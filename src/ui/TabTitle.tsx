'use client';

import { useEffect } from 'react';
import { shellWords } from './words/shellWords';

/** Names the tab by the record that its screen shows: “Wren, plan · Open Trail”. */
export function TabTitle({ children }: { children: string }) {
  useEffect(() => {
    document.title = `${children} · ${shellWords.name}`;
  }, [children]);
  return null;
}
