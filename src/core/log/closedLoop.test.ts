/** @jest-environment node */
import { LEARNED, learningCoverage, shareHeld } from '../../testing/learningCoverage';

/** Two dozen lives of two years; `npm run bench` lives two hundred, with their table. */
const LIVES = 24;

describe('learning from a log that is written by the plans it changes', () => {
  const { coverage, plansOff } = learningCoverage(LIVES);

  it.each(LEARNED)('%s: its two-in-three range holds the truth about so often', (what) => {
    // Fewer lives scatter more than the bench's 55 to 80 %.
    expect(shareHeld(coverage[what])).toBeGreaterThan(0.52);
    expect(shareHeld(coverage[what])).toBeLessThan(0.82);
  });

  it('plans err less with the years', () => {
    expect(plansOff[1]!).toBeLessThan(plansOff[0]!);
    expect(plansOff[3]!).toBeLessThan(0.9 * plansOff[0]!);
  });
});
