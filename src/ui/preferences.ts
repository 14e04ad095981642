'use client';

import { useSyncExternalStore } from 'react';

/** Choices of this device, not of the person's data: they stay out of the export. */

const listeners = new Set<() => void>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

/** One stored word, the same in every tab; `usual` where nothing is stored or storage is shut. */
export function usePreference(key: string, usual: string): [string, (value: string) => void] {
  const read = (): string => {
    try {
      return localStorage.getItem(key) ?? usual;
    } catch {
      return usual;
    }
  };
  const value = useSyncExternalStore(subscribe, read, () => usual);
  return [
    value,
    (next) => {
      try {
        localStorage.setItem(key, next);
      } catch {
        // Storage may be shut; the choice then lasts for nothing but this tab's next read.
      }
      listeners.forEach((listener) => listener());
    },
  ];
}

export const THEME_KEY = 'open-trail-theme';
/** The looks of the screens, in the order in which one button turns through them. */
const THEMES = ['day', 'ember', 'sun'] as const;
export type Theme = (typeof THEMES)[number];

/** The theme that comes next; day after any that is not known. */
export function nextTheme(theme: string): Theme {
  return THEMES[(THEMES.indexOf(theme as Theme) + 1) % THEMES.length]!;
}

/** How angles are typed: `per side` or `inclusive`. */
export const ANGLES_KEY = 'open-trail-angles';
/** How strokes are shared between the sides: a scheme of counting. */
export const SCHEME_KEY = 'open-trail-scheme';
/** The set that a person counts in: its name and its strokes. */
export const SET_KEY = 'open-trail-set';
/** What calls out when a side is done. */
export const CUE_KEY = 'open-trail-cue';
/** When the sample crew was loaded whose notice has been dismissed. */
export const SAMPLE_NOTICE_KEY = 'open-trail-sample-notice';
export const SHORTCUTS_KEY = 'open-trail-shortcuts';

/** Runs before the first paint, so that a night-time page never flashes white. */
export const THEME_SCRIPT = `try{document.documentElement.dataset.theme=localStorage.getItem('${THEME_KEY}')||'day'}catch(e){}`;
