'use client';

import { useEffect, useRef, useState } from 'react';
import type { Job } from '../workers/threads';

/** Long work as it is computed. */
export type JobState<T> =
  | { phase: 'working'; share: number }
  | { phase: 'done'; answer: T }
  | { phase: 'cancelled' }
  | { phase: 'failed'; error: Error };

/**
 * Long work on a value: started anew whenever the value changes, with the work before stopped. Returns
 * its state, the way to stop it and the way to start it again.
 */
export function useJob<V, T>(
  value: V,
  start: (value: V, onProgress: (share: number) => void) => Job<T>,
): [JobState<T>, () => void, () => void] {
  const [round, setRound] = useState(0);
  const key = `${round} ${JSON.stringify(value)}`;
  const [answer, setAnswer] = useState<{ key: string; state: JobState<T> } | null>(null);
  const stopRef = useRef(() => {});

  useEffect(() => {
    let over = false;
    const show = (state: JobState<T>): void => {
      if (!over) setAnswer({ key, state });
    };
    const job = start(value, (share) => show({ phase: 'working', share }));
    stopRef.current = (): void => {
      if (over) return;
      show({ phase: 'cancelled' });
      over = true;
      job.cancel();
    };
    job.answer.then(
      (done) => {
        show({ phase: 'done', answer: done });
        over = true;
      },
      (error: Error) => {
        show({ phase: 'failed', error });
        over = true;
      },
    );
    return () => {
      if (!over) job.cancel();
      over = true;
    };
    // The key stands for the value: an equal one is not worked on again.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- see above
  }, [key]);

  const state: JobState<T> = answer?.key === key ? answer.state : { phase: 'working', share: 0 };
  return [state, () => stopRef.current(), () => setRound(round + 1)];
}
