import { whyOf } from './mediaTrouble';
import type { LostWhy, Source } from './source';

/** A piece of sound as it comes in. */
export interface SoundReading {
  samples: Float32Array;
  sampleRateHz: number;
}

const TAP = '/ear-tap.js';

/** What calls do to a voice would take a stone's scrape for noise, and away. */
const AS_IT_IS = { echoCancellation: false, noiseSuppression: false, autoGainControl: false };

/** The microphone of this device. Its light goes out as soon as nobody listens. */
export const MICROPHONE: Source<SoundReading> = {
  id: 'device',
  isHere: () =>
    typeof navigator !== 'undefined' &&
    navigator.mediaDevices !== undefined &&
    typeof AudioWorkletNode !== 'undefined',
  open({ onOpen, onReading, onLost }) {
    let isOver = false;
    let stream: MediaStream | null = null;
    let context: AudioContext | null = null;
    const letGo = (): void => {
      stream?.getTracks().forEach((track) => track.stop());
      void context?.close().catch(() => {});
    };
    const lose = (why: LostWhy): void => {
      if (isOver) return;
      isOver = true;
      letGo();
      onLost(why);
    };
    const run = async (): Promise<void> => {
      try {
        stream = await navigator.mediaDevices.getUserMedia({ audio: AS_IT_IS });
        if (isOver) return letGo();
        stream.getTracks().forEach((track) => {
          track.onended = () => lose('unplugged');
        });
        context = new AudioContext();
        const { sampleRate: sampleRateHz } = context;
        await context.audioWorklet.addModule(TAP);
        if (isOver) return letGo();
        const tap = new AudioWorkletNode(context, 'ear-tap', { numberOfOutputs: 0 });
        tap.port.onmessage = ({ data }: MessageEvent<Float32Array>) => {
          if (!isOver) onReading({ samples: data, sampleRateHz });
        };
        context.createMediaStreamSource(stream).connect(tap);
        await context.resume();
        onOpen();
      } catch (error) {
        lose(whyOf(error));
      }
    };
    void run();
    return () => {
      isOver = true;
      letGo();
    };
  },
};
