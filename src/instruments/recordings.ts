import { Draws } from '../core/random';

/** What is heard beside the strokes. */
export const SURROUNDINGS = ['quiet', 'wind', 'birds', 'talk'] as const;
type Surroundings = (typeof SURROUNDINGS)[number];

/** A recording to be made: strokes of a hand on a stone, and what is around. Made up: real places are louder. */
export interface RecordingScene {
  seconds: number;
  sampleRateHz: number;
  /** Strokes a minute; null for none at all. */
  perMinute: number | null;
  /** Back and forth without lifting, or single strokes with a gap after each. */
  motion: 'single' | 'scrub';
  /** How far the strokes stand over the hiss, in the band of a stone (dB). */
  overHissDb: number;
  surroundings: Surroundings;
  seed: number;
}

export interface Recording {
  samples: Float32Array;
  /** When each stroke began (seconds). */
  strokesAt: number[];
}

/** Single strokes sound for so much of their time; scrubs for nearly all of it. */
const SOUNDS = { single: 0.6, scrub: 0.86 } as const;
/** No hand keeps time: scatter of one stroke's length and loudness (ln). */
const LENGTH_SD = 0.1;
const LOUD_SD = 0.18;
const STROKE_RMS = 0.05;

/** Makes a recording by a seed: the same seed, the same samples. */
export function makeRecording(scene: RecordingScene): Recording {
  const { seconds, sampleRateHz, overHissDb, surroundings, seed } = scene;
  const draws = new Draws(seed);
  const samples = new Float32Array(Math.round(seconds * sampleRateHz));
  const strokesAt = addStrokes(samples, scene, draws);
  addHiss(samples, STROKE_RMS / 10 ** (overHissDb / 20), sampleRateHz, draws);
  if (surroundings === 'wind') addWind(samples, sampleRateHz, draws);
  if (surroundings === 'birds') addBirds(samples, sampleRateHz, draws);
  if (surroundings === 'talk') addTalk(samples, sampleRateHz, draws);
  return { samples, strokesAt };
}

function addStrokes(samples: Float32Array, scene: RecordingScene, draws: Draws): number[] {
  const { seconds, sampleRateHz, perMinute, motion } = scene;
  if (perMinute === null) return [];
  const grain = bandNoise(sampleRateHz, draws);
  const strokesAt: number[] = [];
  let at = 0.8;
  for (;;) {
    const period = (60 / perMinute) * draws.spread(LENGTH_SD);
    if (at + period > seconds - 0.3) return strokesAt;
    const length = SOUNDS[motion] * period;
    const loud = STROKE_RMS * draws.spread(LOUD_SD);
    const [attack, decay] = [0.1 * length + 0.02, 0.15 * length + 0.02];
    strokesAt.push(at);
    const from = Math.round(at * sampleRateHz);
    for (let i = 0; i < length * sampleRateHz; i += 1) {
      const t = i / sampleRateHz;
      const envelope = Math.min(1, t / attack, (length - t) / decay);
      samples[from + i]! += loud * Math.max(0, envelope) * grain();
    }
    at += period;
  }
}

/** White noise with what lies under 2 kHz taken out: the scrape of grit. */
function bandNoise(sampleRateHz: number, draws: Draws): () => number {
  const low = onePole(2000, sampleRateHz);
  return () => {
    const white = draws.normal();
    return white - low(white);
  };
}

function onePole(hz: number, sampleRateHz: number): (input: number) => number {
  const share = 1 - Math.exp((-2 * Math.PI * hz) / sampleRateHz);
  let held = 0;
  return (input) => (held += share * (input - held));
}

function addHiss(samples: Float32Array, rms: number, sampleRateHz: number, draws: Draws): void {
  const grain = bandNoise(sampleRateHz, draws);
  for (let i = 0; i < samples.length; i += 1) samples[i]! += rms * grain();
}

/** Gusts: brown noise that swells and dies away. */
function addWind(samples: Float32Array, sampleRateHz: number, draws: Draws): void {
  const [deep, deeper] = [onePole(120, sampleRateHz), onePole(260, sampleRateHz)];
  const gust = onePole(0.4, sampleRateHz);
  for (let i = 0; i < samples.length; i += 1) {
    const swell = Math.abs(gust(40 * draws.normal()));
    samples[i]! += 0.9 * swell * deeper(deep(draws.normal()) * 8);
  }
}

/** Whistles of a few tenths of a second that glide between 3 and 7 kHz. */
function addBirds(samples: Float32Array, sampleRateHz: number, draws: Draws): void {
  const seconds = samples.length / sampleRateHz;
  for (let at = draws.exponential() * 0.5; at < seconds; at += 0.15 + draws.exponential() * 0.5) {
    const length = 0.08 + 0.25 * draws.even();
    const [from, to] = [3000 + 4000 * draws.even(), 3000 + 4000 * draws.even()];
    const loud = 0.05 * draws.spread(0.4);
    let phase = 0;
    for (let i = 0; i < length * sampleRateHz; i += 1) {
      const index = Math.round(at * sampleRateHz) + i;
      if (index >= samples.length) return;
      const share = i / (length * sampleRateHz);
      phase += (2 * Math.PI * (from + (to - from) * share)) / sampleRateHz;
      samples[index]! += loud * Math.sin(Math.PI * share) * Math.sin(phase);
    }
  }
}

/** Syllables: a voiced hum with its harmonics, and now and then a hissed consonant, in no even time. */
function addTalk(samples: Float32Array, sampleRateHz: number, draws: Draws): void {
  const seconds = samples.length / sampleRateHz;
  const hiss = bandNoise(sampleRateHz, draws);
  let at = 0.3;
  while (at < seconds) {
    const words = 2 + Math.floor(6 * draws.even());
    for (let syllable = 0; syllable < words; syllable += 1) {
      const length = 0.1 + 0.14 * draws.even();
      if (draws.even() < 0.35)
        addFricative(samples, at, 0.05 + 0.1 * draws.even(), sampleRateHz, hiss, draws);
      addVoice(samples, at + 0.06, length, sampleRateHz, draws);
      at += length + 0.05 + 0.08 * draws.even();
    }
    at += 0.3 + draws.exponential() * 0.8;
  }
}

function addFricative(
  samples: Float32Array,
  at: number,
  length: number,
  sampleRateHz: number,
  hiss: () => number,
  draws: Draws,
): void {
  const loud = 0.03 * draws.spread(0.4);
  for (let i = 0; i < length * sampleRateHz; i += 1) {
    const index = Math.round(at * sampleRateHz) + i;
    if (index >= samples.length) return;
    samples[index]! += loud * Math.sin((Math.PI * i) / (length * sampleRateHz)) * hiss();
  }
}

/** How loud the harmonics of a voice are, the lowest first. */
const HARMONICS = Array.from({ length: 30 }, (_, i) => 1 / (i + 1) ** 1.4);

function addVoice(
  samples: Float32Array,
  at: number,
  length: number,
  sampleRateHz: number,
  draws: Draws,
): void {
  const hz = 95 + 90 * draws.even();
  const loud = 0.06 * draws.spread(0.3);
  for (let i = 0; i < length * sampleRateHz; i += 1) {
    const index = Math.round(at * sampleRateHz) + i;
    if (index >= samples.length) return;
    const t = i / sampleRateHz;
    // sin (n + 1)θ = 2·cos θ·sin nθ − sin (n − 1)θ
    const twiceCos = 2 * Math.cos(2 * Math.PI * hz * t);
    let [before, now] = [0, Math.sin(2 * Math.PI * hz * t)];
    let voice = 0;
    for (const weight of HARMONICS) {
      voice += weight * now;
      [before, now] = [now, twiceCos * now - before];
    }
    samples[index]! += loud * Math.sin((Math.PI * t) / length) * voice;
  }
}
