'use client';

import { useEffect, useRef } from 'react';
import { SHORTCUTS_KEY, usePreference } from '../../ui/preferences';

interface GuideKeys {
  stroke: () => void;
  takeBack: () => void;
  turnOver: () => void;
  pause: () => void;
  nextStep: () => void;
  previousStep: () => void;
  look: () => void;
}

const KEYS: Record<string, keyof GuideKeys> = {
  ' ': 'stroke',
  z: 'takeBack',
  t: 'turnOver',
  p: 'pause',
  n: 'nextStep',
  b: 'previousStep',
  i: 'look',
};

/** Keys of the guide. The space bar always counts; on a focused control it keeps its own meaning. */
export function useGuideKeys(active: boolean, keys: GuideKeys): void {
  const latest = useRef(keys);
  const [singleKeys] = usePreference(SHORTCUTS_KEY, 'on');
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    if (!active) return;
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      const name = KEYS[event.key.toLowerCase()];
      const target = event.target as HTMLElement;
      if (!name || target.closest('input, textarea, select, dialog')) return;
      if (name === 'stroke' && target.closest('button, a, summary')) return;
      if (name !== 'stroke' && singleKeys !== 'on') return;
      event.preventDefault();
      latest.current[name]();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [active, singleKeys]);
}
