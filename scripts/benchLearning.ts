import { LEARNED, learningCoverage } from '../src/testing/learningCoverage';

/**
 * What a log teaches over two hundred simulated lives of two years: how often each two-in-three range held
 * the truth, and how far plans were off, against the first half of a year.
 */

const LIVES = 200;

const { coverage, plansOff } = learningCoverage(LIVES);
const row = (name: string, cells: string[]): void =>
  console.log(`  ${name.padEnd(36)}${cells.map((cell) => cell.padStart(10)).join('')}`);

console.log(`Learning over ${LIVES} lives of two years, at each half of a year`);
for (const what of LEARNED) {
  const { held, of } = coverage[what];
  row(
    `${what}: range holds the truth`,
    held.map((count, half) => `${Math.round((100 * count) / of[half]!)} %`),
  );
}
row(
  'plans off, ratio to the first half',
  plansOff.map((off) => (off / plansOff[0]!).toFixed(2)),
);
