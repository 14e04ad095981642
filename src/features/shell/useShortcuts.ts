'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { SHORTCUTS_KEY, usePreference } from '../../ui/preferences';
import { SCREENS } from './screens';

const isInGuide = (): boolean => window.location.pathname.startsWith('/touch-up/guide');

/** Opens the search. */
export const FIND_KEY = 'f';

interface Opened {
  openSheet: () => void;
  find: () => void;
}

/** Single-key shortcuts to the screens, the search and the sheet, unless switched off or typing. */
export function useShortcuts({ openSheet, find }: Opened): void {
  const router = useRouter();
  const [on] = usePreference(SHORTCUTS_KEY, 'on');
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (on !== 'on' || event.ctrlKey || event.metaKey || event.altKey) return;
      if ((event.target as HTMLElement).closest('input, textarea, select, dialog')) return;
      if (event.key === '?') openSheet();
      // A key that slips under a wet glove leads nowhere from the guide.
      if (event.defaultPrevented || isInGuide()) return;
      if (event.key === FIND_KEY) {
        event.preventDefault();
        find();
      }
      const screen = SCREENS.find(({ key }) => key === event.key);
      if (screen) router.push(screen.path);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [on, openSheet, find, router]);
}
