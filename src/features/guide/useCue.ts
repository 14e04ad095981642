'use client';

import { useEffect, useRef } from 'react';
import { CUE_KEY, usePreference } from '../../ui/preferences';

/** What calls out when a side is done, beside the words on the screen. */
export const CUES = ['a buzz', 'a tone and a buzz', 'a voice', 'nothing'] as const;
export type Cue = (typeof CUES)[number];

const BUZZ_MS = [90, 70, 90];
const TONES_HZ = [660, 880];
const TONE_SECONDS = 0.16;

/** How this person is called, on this device. */
export function useCueChoice(): [Cue, (cue: Cue) => void] {
  const [word, setWord] = usePreference(CUE_KEY, CUES[0]);
  return [CUES.find((each) => each === word) ?? CUES[0], setWord];
}

/** Calls once whenever `turn` changes to another place of the work; never for the first one. */
export function useCue(turn: string): void {
  const [cue] = useCueChoice();
  const last = useRef(turn);
  useEffect(() => {
    if (last.current === turn) return;
    last.current = turn;
    if (cue === 'nothing') return;
    navigator.vibrate?.(BUZZ_MS);
    if (cue === 'a tone and a buzz') void playTones();
  }, [turn, cue]);
}

/** Two rising tones, which no stone makes. */
async function playTones(): Promise<void> {
  if (typeof AudioContext === 'undefined') return;
  const sound = new AudioContext();
  TONES_HZ.forEach((hertz, i) => {
    const tone = sound.createOscillator();
    const loudness = sound.createGain();
    const at = sound.currentTime + i * TONE_SECONDS;
    tone.frequency.value = hertz;
    loudness.gain.setValueAtTime(0.35, at);
    loudness.gain.exponentialRampToValueAtTime(0.001, at + TONE_SECONDS);
    tone.connect(loudness).connect(sound.destination);
    tone.start(at);
    tone.stop(at + TONE_SECONDS);
  });
  setTimeout(() => void sound.close(), 1000);
}
