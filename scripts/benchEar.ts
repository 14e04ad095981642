import { makeRecording, SURROUNDINGS, type RecordingScene } from '../src/instruments/recordings';
import { strokeCounter } from '../src/core/measure';

/** How far the ear is off on made-up recordings, and what it takes of a core. Real places are louder. */

const SAMPLE_RATE_HZ = 16_000;
const SEEDS = [81_001, 81_002, 81_003, 81_004];
let heardSeconds = 0;
let workedMs = 0;

function heard(scene: Partial<RecordingScene>): { strokes: number; truth: number }[] {
  return SEEDS.map((seed) => {
    const { samples, strokesAt } = makeRecording({
      seconds: 60,
      sampleRateHz: SAMPLE_RATE_HZ,
      perMinute: 45,
      motion: 'single',
      overHissDb: 20,
      surroundings: 'quiet',
      ...scene,
      seed,
    });
    const began = performance.now();
    const ear = strokeCounter({ sampleRateHz: SAMPLE_RATE_HZ });
    ear.push(samples);
    workedMs += performance.now() - began;
    heardSeconds += 60;
    return { strokes: ear.state().strokes, truth: strokesAt.length };
  });
}

const off = (counts: { strokes: number; truth: number }[]): string => {
  const mean =
    counts.reduce((sum, { strokes, truth }) => sum + Math.abs(strokes / truth - 1), 0) /
    counts.length;
  return `${(100 * mean).toFixed(1)} %`;
};

for (const [motion, perMinute] of [
  ['single', 20],
  ['single', 45],
  ['scrub', 100],
  ['scrub', 140],
] as const) {
  const by = [30, 20, 12, 6].map((overHissDb) => off(heard({ motion, perMinute, overHissDb })));
  console.log(
    `ear ${motion} ${perMinute}/min`.padEnd(20),
    `off at 30/20/12/6 dB: ${by.join(', ')}`,
  );
}
for (const surroundings of SURROUNDINGS) {
  const single = off(heard({ surroundings }));
  const scrub = off(heard({ surroundings, motion: 'scrub', perMinute: 100 }));
  const alone = heard({ surroundings, perMinute: null }).reduce(
    (sum, { strokes }) => sum + strokes,
    0,
  );
  console.log(
    `ear in ${surroundings}`.padEnd(20),
    `off: single ${single}, scrub ${scrub}; alone it counts ${alone}`,
  );
}
console.log('ear'.padEnd(20), `${((0.1 * workedMs) / heardSeconds).toFixed(2)} % of one core`);
