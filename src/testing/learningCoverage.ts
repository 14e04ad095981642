import { sum } from 'd3-array';
import { lnHardness } from '../core/evidence';
import { liveThrough } from './simulatedLife';

/** How often the two-in-three ranges of one thing that is learned held what was true, half by half of the years. */
export interface Coverage {
  held: number[];
  of: number[];
}

export const LEARNED = ['strokes of a thing', 'pace', 'hardness', 'dulling'] as const;
type LearnedWhat = (typeof LEARNED)[number];

/** What so many simulated lives of two years show of learning. */
export interface LearningCoverage {
  coverage: Record<LearnedWhat, Coverage>;
  /** Mean |ln(needed ÷ planned)| of restored edges, half by half. */
  plansOff: number[];
}

const HALVES = 4;

/** Lives through so many lives, and holds what was learned against what was true. */
export function learningCoverage(lives: number): LearningCoverage {
  const none = (): Coverage => ({ held: Array(HALVES).fill(0), of: Array(HALVES).fill(0) });
  const coverage = Object.fromEntries(LEARNED.map((what) => [what, none()])) as Record<
    LearnedWhat,
    Coverage
  >;
  const note = (what: LearnedWhat, half: number, isHeld: boolean): void => {
    coverage[what].held[half]! += Number(isHeld);
    coverage[what].of[half]! += 1;
  };
  const off = Array.from({ length: HALVES }, () => ({ sum: 0, count: 0 }));
  for (let life = 0; life < lives; life += 1) {
    const { truth, halves } = liveThrough(life);
    halves.forEach(({ lessons, off: own }, half) => {
      off[half]!.sum += own.sum;
      off[half]!.count += own.count;
      for (const person of truth.people) {
        const { hand } = lessons[person]!;
        for (const [id, learned] of Object.entries(hand.things))
          note('strokes of a thing', half, isHeld(learned, Math.log(truth.effort[person]![id]!)));
        for (const [motion, learned] of Object.entries(hand.pace))
          note('pace', half, isHeld(learned, Math.log(truth.pace[person]![motion as 'sweeps'])));
      }
      const { hardness, dulling } = lessons[truth.people[0]!]!;
      for (const [id, { lowHrc, highHrc }] of hardness)
        note('hardness', half, lowHrc <= truth.hardness[id]! && truth.hardness[id]! <= highHrc);
      for (const [id, learned] of dulling.tasks) {
        const [toolId] = id.split('/');
        // Told for the hardness that it assumed: a steel that is truly harder dulls less.
        const steel = lnHardness(learned.hardnessHrc!, truth.hardness[toolId!]!);
        note('dulling', half, isHeld(learned, Math.log(truth.dulling[id]!) + steel));
      }
    });
  }
  return { coverage, plansOff: off.map((each) => each.sum / each.count) };
}

/** The share that was held over all halves. */
export function shareHeld({ held, of }: Coverage): number {
  return sum(held) / sum(of);
}

function isHeld({ factor, sdLn }: { factor: number; sdLn: number }, truthLn: number): boolean {
  return Math.abs(Math.log(factor) - truthLn) <= sdLn;
}
