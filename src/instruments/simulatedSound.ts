import type { SoundReading } from './microphone';
import { makeRecording, type RecordingScene } from './recordings';
import type { Source } from './source';

const SAMPLE_RATE_HZ = 16_000;
const EACH_MS = 50;
/** A piece is made at once, and is over before the next one is. */
const PIECE_SECONDS = 12;

/** The sound of a hand at a pace, made in the page: one made-up piece after the other. */
export function simulatedSound(
  scene: Pick<RecordingScene, 'perMinute' | 'motion'>,
): Source<SoundReading> {
  return {
    id: 'simulated',
    isHere: () => true,
    open({ onOpen, onReading }) {
      let piece: Float32Array = new Float32Array(0);
      let seed = 1;
      let at = 0;
      onOpen();
      const timer = setInterval(() => {
        if (at >= piece.length) {
          piece = makeRecording({
            ...scene,
            seconds: PIECE_SECONDS,
            sampleRateHz: SAMPLE_RATE_HZ,
            overHissDb: 20,
            surroundings: 'quiet',
            seed: (seed += 1),
          }).samples;
          at = 0;
        }
        const next = at + Math.round((SAMPLE_RATE_HZ * EACH_MS) / 1000);
        onReading({ samples: piece.subarray(at, next), sampleRateHz: SAMPLE_RATE_HZ });
        at = next;
      }, EACH_MS);
      return () => clearInterval(timer);
    },
  };
}
