import { analyseStropSeries, stropGrams } from '../src/core/sharpness';

/** How often the curve through readings finds the best count of strokes, beside the lowest reading. */

const RUNS = 400;
const COUNTS = [0, 4, 8, 12, 18, 26, 36, 50, 70, 95];
/** A best count counts as found within this share of the true one. */
const NEAR = 0.25;

/** Even numbers from 0 to 1, the same every time. */
function randomFrom(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 16807) % 2147483647) / 2147483647;
}

function rates(noiseGrams: number): { curve: number; lowest: number } {
  const random = randomFrom(20261126);
  const normal = (): number =>
    Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
  let curve = 0;
  let lowest = 0;
  for (let run = 0; run < RUNS; run += 1) {
    const fit = {
      keenG: 80 + 80 * random(),
      burrG: 80 + 160 * random(),
      tau: 6 + 14 * random(),
      roundingGPerStroke: 0.4 + 1.2 * random(),
    };
    const truth = fit.tau * Math.log(fit.burrG / (fit.roundingGPerStroke * fit.tau));
    const readings = COUNTS.map((strokes) => ({
      strokes,
      grams: Math.max(1, stropGrams(fit, strokes) + noiseGrams * normal()),
    }));
    const isNear = (count: number): boolean => Math.abs(count / truth - 1) <= NEAR;
    const found = analyseStropSeries({ readings, noiseGrams });
    if ('bestStrokes' in found && !found.isLowerBound && isNear(found.bestStrokes)) curve += 1;
    const least = readings.reduce((a, b) => (b.grams < a.grams ? b : a));
    if (isNear(least.strokes)) lowest += 1;
  }
  return { curve: curve / RUNS, lowest: lowest / RUNS };
}

const percent = (share: number): string => `${Math.round(100 * share)} %`.padStart(6);
console.log(
  `Best count of a strop from ${COUNTS.length} readings, found within ${percent(NEAR).trim()}`,
);
for (const noiseGrams of [2, 5, 10, 15]) {
  const { curve, lowest } = rates(noiseGrams);
  console.log(
    `  noise ${String(noiseGrams).padStart(2)} g    curve ${percent(curve)}    lowest reading ${percent(lowest)}`,
  );
}
