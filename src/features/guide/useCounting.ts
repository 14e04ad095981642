'use client';

import { useState, useEffect, useRef, useSyncExternalStore } from 'react';
import type { Session } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import { beatMs, type Beat } from './beat';
import { sideHasIts } from './guideStep';
import { useCue, useCueChoice } from './useCue';
import { useEar, type Ear, type EarState } from './useEar';
import { callOf, useVoice } from './useVoice';

/** What counts strokes beside the hand, and what calls out where it is. */
export interface Counting {
  /** A stroke by the hand itself: it wins over what was heard. */
  tap: () => void;
  beat: Beat;
  onBeat: (beat: Beat) => void;
  /** Whether strokes are counted by their sound, and what is heard. */
  ear: Ear;
  onEar: (ear: Ear) => void;
  earState: EarState;
}

/** Strokes by a beat or by their sound while it counts; calls by buzz, tone or voice. */
export function useCounting(
  { session, settings }: { session: Session; settings: Settings },
  counts: boolean,
  stroke: () => void,
): Counting {
  const step = session.steps[session.stepIndex]!;
  const byFeel = step.byFeel !== null;
  const perMinute = settings.strokesPerMinute[step.motion];
  const [beat, onBeat] = useState<Beat>('no beat');
  const [ear, onEar] = useState<Ear>('off');
  // The light of the microphone goes out with the screen.
  const isShown = useIsShown();
  const heard = useEar(
    ear,
    counts && !byFeel && isShown,
    { motion: step.motion, perMinute },
    stroke,
  );
  const pulse = byFeel || ear !== 'off' ? null : beatMs(beat, perMinute);
  useBeat(counts ? pulse : null, stroke, beat !== 'no beat');
  const [cue] = useCueChoice();
  useCue(`${session.stepIndex} ${session.side} ${!byFeel && sideHasIts(step, session.side)}`);
  useVoice(cue === 'a voice' && counts, byFeel ? null : callOf(step, session.side));
  const tap = (): void => {
    heard.tapped();
    stroke();
  };
  return { tap, beat, onBeat, ear, onEar, earState: heard.state };
}

/** A click that carries through the noise of a stone, and is over before the next. */
const CLICK_HZ = 1100;
const CLICK_SECONDS = 0.05;

/** Clicks where it is to be heard, and calls `stroke` every `everyMs`; silent and still where that is null. */
function useBeat(everyMs: number | null, stroke: () => void, isHeard = true): void {
  const latest = useRef(stroke);
  useEffect(() => {
    latest.current = stroke;
  });
  useEffect(() => {
    if (everyMs === null) return;
    const sound = isHeard && typeof AudioContext !== 'undefined' ? new AudioContext() : null;
    const timer = setInterval(() => {
      if (sound) click(sound);
      latest.current();
    }, everyMs);
    return () => {
      clearInterval(timer);
      void sound?.close();
    };
  }, [everyMs, isHeard]);
}

function click(sound: AudioContext): void {
  const tone = sound.createOscillator();
  const loudness = sound.createGain();
  const now = sound.currentTime;
  tone.frequency.value = CLICK_HZ;
  loudness.gain.setValueAtTime(0.3, now);
  loudness.gain.exponentialRampToValueAtTime(0.001, now + CLICK_SECONDS);
  tone.connect(loudness).connect(sound.destination);
  tone.start(now);
  tone.stop(now + CLICK_SECONDS);
}

/** Whether the page is in front: another tab, another program or a dark screen hides it. */
function useIsShown(): boolean {
  return useSyncExternalStore(
    (changed) => {
      document.addEventListener('visibilitychange', changed);
      return () => document.removeEventListener('visibilitychange', changed);
    },
    () => !document.hidden,
    () => true,
  );
}
