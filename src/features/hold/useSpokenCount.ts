'use client';

import { useEffect } from 'react';
import { speak } from '../../ui/speak';

const EACH = 5;

/** Says every fifth stroke aloud: the screen moves with the lath, and is seldom seen. */
export function useSpokenCount(strokes: number): void {
  useEffect(() => {
    if (strokes > 0 && strokes % EACH === 0) speak(String(strokes));
  }, [strokes]);
}
