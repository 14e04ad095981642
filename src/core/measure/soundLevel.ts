import { mean, median } from 'd3-array';
import FFT from 'fft.js';

/** Where a stone scrapes and little else sounds (Hz); each band is a part of it. */
const BAND_HZ = [3000, 7500] as const;
const BANDS = 12;
/** Wind loses its strength from the lower of these to the upper. */
const LOW_HZ = [1500, 2500] as const;
const HIGH_HZ = [5000, 7500] as const;
const WINDOW_SECONDS = 0.032;
export const STEP_SECONDS = 0.01;
/** So many steps are smoothed into one. */
const SMOOTHED = 3;
/** Silence (dB): nothing is quieter. */
const LEAST_POWER = 1e-12;

/** How loud it is in the band of a stone, 100 times a second. */
export interface SoundLevel {
  /** Median of 12 parts of the band (dB): a tone, a bird's or a voice's, moves few of them. */
  levelDb: number;
  /** What it loses from the lower frequencies to the upper ones (dB). */
  fallsDb: number;
}

/** Levels of a sound as its samples come in, in pieces of any size. */
export function soundLevels(sampleRateHz: number): (samples: ArrayLike<number>) => SoundLevel[] {
  const size = Math.round(WINDOW_SECONDS * sampleRateHz);
  const step = Math.round(STEP_SECONDS * sampleRateHz);
  const fft = new FFT(2 ** Math.ceil(Math.log2(size)));
  const hann = Float64Array.from(
    { length: size },
    (_, i) => Math.sin((Math.PI * (i + 0.5)) / size) ** 2,
  );
  const padded = new Array<number>(fft.size).fill(0);
  const spectrum = fft.createComplexArray();
  const held = new Float64Array(size);
  let filled = 0;
  let recent: SoundLevel[] = [];

  const powerIn = (fromHz: number, toHz: number): number => {
    const perHz = fft.size / sampleRateHz;
    const [from, to] = [Math.ceil(fromHz * perHz), Math.floor(toHz * perHz)];
    let sum = 0;
    for (let k = from; k <= to; k += 1) sum += spectrum[2 * k]! ** 2 + spectrum[2 * k + 1]! ** 2;
    return sum / Math.max(1, to - from + 1);
  };
  const widthHz = (BAND_HZ[1] - BAND_HZ[0]) / BANDS;
  const look = (): SoundLevel => {
    for (let i = 0; i < size; i += 1) padded[i] = held[i]! * hann[i]!;
    fft.realTransform(spectrum, padded);
    const parts = Array.from({ length: BANDS }, (_, i) =>
      decibels(powerIn(BAND_HZ[0] + i * widthHz, BAND_HZ[0] + (i + 1) * widthHz)),
    );
    const fallsDb = decibels(powerIn(...LOW_HZ)) - decibels(powerIn(...HIGH_HZ));
    recent = [...recent.slice(1 - SMOOTHED), { levelDb: median(parts)!, fallsDb }];
    return {
      levelDb: mean(recent, ({ levelDb }) => levelDb)!,
      fallsDb: mean(recent, (one) => one.fallsDb)!,
    };
  };

  return (samples) => {
    const levels: SoundLevel[] = [];
    for (let i = 0; i < samples.length; i += 1) {
      held[filled] = samples[i]!;
      filled += 1;
      if (filled < size) continue;
      levels.push(look());
      held.copyWithin(0, step);
      filled = size - step;
    }
    return levels;
  };
}

const decibels = (power: number): number => 10 * Math.log10(power + LEAST_POWER);
