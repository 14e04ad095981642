'use client';

import { useEffect, useRef } from 'react';
import type { SessionStep } from '../../domain/session';
import type { Side } from '../../domain/terms';
import { VOICE_WORDS } from '../../ui/words/earWords';

/** What is called out by a voice: where the hand is in a step. */
export type Call = keyof typeof VOICE_WORDS;

const LAST_STROKES = 10;

/** What a step calls for; null for nothing. */
export function callOf(step: SessionStep, side: Side): Call | null {
  const { plannedPerSide, left, right } = step;
  if (plannedPerSide === 0) return null;
  if (left >= plannedPerSide && right >= plannedPerSide) return 'look';
  if (step[side] >= plannedPerSide) return 'turn';
  if (plannedPerSide > 2 * LAST_STROKES && plannedPerSide - step[side] === LAST_STROKES)
    return 'ten';
  return null;
}

/** Whether a voice is on this device: none is fetched from anywhere. */
function hasVoice(): boolean {
  if (typeof speechSynthesis === 'undefined') return false;
  return speechSynthesis.getVoices().some(({ localService }) => localService);
}

/** Speaks what a step calls for, once each time that it does. */
export function useVoice(isOn: boolean, call: Call | null): void {
  const last = useRef(call);
  useEffect(() => {
    if (last.current === call) return;
    last.current = call;
    if (!isOn || !call || !hasVoice()) return;
    const spoken = new SpeechSynthesisUtterance(VOICE_WORDS[call]);
    const voices = speechSynthesis.getVoices().filter(({ localService }) => localService);
    spoken.voice = voices.find(({ lang }) => lang.startsWith('en')) ?? voices[0]!;
    speechSynthesis.speak(spoken);
  }, [isOn, call]);
}
