'use client';

import { useEffect } from 'react';

/** High: lower the back. Low: raise it. Silent on the path. */
const HIGH_HZ = 1150;
const LOW_HZ = 320;
const TONE_SECONDS = 0.14;

/** A short tone for each stroke (by its number) that left the path; `offDeg` is above zero where it was too steep. */
export function useTone(stroke: number, offDeg: number): void {
  useEffect(() => {
    if (stroke === 0 || offDeg === 0 || typeof AudioContext === 'undefined') return;
    const sound = new AudioContext();
    const tone = sound.createOscillator();
    const loudness = sound.createGain();
    tone.frequency.value = offDeg > 0 ? HIGH_HZ : LOW_HZ;
    loudness.gain.setValueAtTime(0.3, sound.currentTime);
    loudness.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + TONE_SECONDS);
    tone.connect(loudness).connect(sound.destination);
    tone.start();
    tone.stop(sound.currentTime + TONE_SECONDS);
    const timer = setTimeout(() => void sound.close(), 1000 * TONE_SECONDS + 200);
    return () => {
      clearTimeout(timer);
      void sound.close().catch(() => {});
    };
    // Once for each stroke: its angle does not change any more.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- see above
  }, [stroke]);
}
