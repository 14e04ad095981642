import { strokeCounter, type StrokesHeard } from '../../core/measure';
import type { Motion } from '../../domain/terms';
import { MICROPHONE, simulatedSound, type LostWhy } from '../../instruments';

/** A pace that is usual for a hand, for the sound that is made up. */
export interface Hand {
  motion: Motion;
  perMinute: number;
}

/** Listens for strokes, by this device's microphone or a made-up sound; returns the way to stop. Loaded when it is wanted. */
export function listenToStrokes(
  by: 'device' | 'simulated',
  { motion, perMinute }: Hand,
  listener: { onHeard: (heard: StrokesHeard) => void; onLost: (why: LostWhy) => void },
): () => void {
  let counter: ReturnType<typeof strokeCounter> | null = null;
  const source =
    by === 'device'
      ? MICROPHONE
      : simulatedSound({ perMinute, motion: motion === 'sweeps' ? 'single' : 'scrub' });
  return source.open({
    onOpen: () => listener.onHeard({ strokes: 0, hearing: 'nothing', perMinute: null }),
    onReading: ({ samples, sampleRateHz }) => {
      counter ??= strokeCounter({ sampleRateHz });
      counter.push(samples);
      listener.onHeard(counter.state());
    },
    onLost: listener.onLost,
  });
}
