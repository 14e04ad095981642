'use client';

import { useState } from 'react';
import type { Session } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import { useIsShown } from '../../ui/useIsShown';
import { beatMs, type Beat } from './beat';
import { sideHasIts } from './guideStep';
import { useBeat } from './useBeat';
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
