'use client';

import { useEffect, useRef } from 'react';
import type { SessionStep } from '../../domain/session';
import type { Side } from '../../domain/terms';
import { speak } from '../../ui/speak';
import { VOICE_WORDS } from './words/earWords';

/** What is called out by a voice: where the hand is in a step. */
export type Call = keyof typeof VOICE_WORDS;

const LAST_STROKES = 10;

/** What a step calls for; null for nothing. */
export function callOf(
  step: Pick<SessionStep, 'plannedPerSide' | 'left' | 'right'>,
  side: Side,
): Call | null {
  const { plannedPerSide, left, right } = step;
  if (plannedPerSide === 0) return null;
  if (left >= plannedPerSide && right >= plannedPerSide) return 'look';
  if (step[side] >= plannedPerSide) return 'turn';
  const isLong = plannedPerSide > 2 * LAST_STROKES;
  return isLong && plannedPerSide - step[side] === LAST_STROKES ? 'ten' : null;
}

/** Speaks what a step calls for, once each time that it does. */
export function useVoice(isOn: boolean, call: Call | null): void {
  const last = useRef(call);
  useEffect(() => {
    if (last.current === call) return;
    last.current = call;
    if (isOn && call) speak(VOICE_WORDS[call]);
  }, [isOn, call]);
}
