import type { Draws } from '../core/random';

/** Newtons to a gram of force, by standard gravity (ISO 80000-4). */
export const N_PER_GRAM = 0.00980665;

/** What is measured, its unit, and how much of that each unit on a line is. */
export const QUANTITIES = {
  force: { unit: 'N', onLine: { N: 1, g: N_PER_GRAM } },
  mass: { unit: 'g', onLine: { g: 1, kg: 1000 } },
} as const;
type Quantity = keyof typeof QUANTITIES;

/** One thing that a stand-in says, in the unit of its lines: null for a sign of life. */
interface Spoken {
  afterMs: number;
  reads: { value: number; settled: boolean } | null;
}

/** An instrument: what it measures and how its lines say so. Values are in the quantity's unit unless said. */
export interface Instrument {
  quantity: Quantity;
  /** What its lines begin with. */
  letter: string;
  /** What its stand-in writes; others of the quantity are read as well. */
  lineUnit: string;
  least: number;
  most: number;
  /** What a stand-in reads around where nobody says. */
  usual: number;
  /** A stand-in's way to one settled reading, `truth` and what it says in the unit of its lines. */
  course: (truth: number, draws: Draws) => Iterable<Spoken>;
}

/** Scatter of single cuts, and how far a tester wanders from one to the next, as shares of the reading. */
const SCATTER = 0.1;
const WANDER = 0.02;
/** How far a scale swings past a weight before it rests, and how far off it rests (g). */
const SWINGS = [0.3, -0.14, 0.05];
const REST_G = 0.3;

/** One reading a cut, with signs of life between them. */
function* cut(truth: number, draws: Draws): Iterable<Spoken> {
  yield { afterMs: 700, reads: null };
  yield { afterMs: 700, reads: null };
  const value = truth * (1 + (SCATTER + WANDER) * spread(draws));
  yield { afterMs: 500, reads: { value, settled: true } };
}

/** Swings into rest. */
function* weigh(truth: number, draws: Draws): Iterable<Spoken> {
  for (const swing of SWINGS) {
    yield { afterMs: 250, reads: { value: truth * (1 + swing), settled: false } };
  }
  yield { afterMs: 400, reads: { value: truth + REST_G * spread(draws), settled: true } };
}

/** About normal, from −2 to 2. */
function spread(draws: Draws): number {
  return draws.even() + draws.even() + draws.even() + draws.even() - 2;
}

/** Every instrument, a row each; its words stand in `ui/words/instrumentWords.ts`. */
export const INSTRUMENTS = {
  'edge-tester': {
    quantity: 'force',
    letter: 'F',
    lineUnit: 'g',
    least: N_PER_GRAM,
    most: 2000 * N_PER_GRAM,
    usual: 200 * N_PER_GRAM,
    course: cut,
  },
  'pocket-scale': {
    quantity: 'mass',
    letter: 'M',
    lineUnit: 'g',
    least: 0,
    most: 10_000,
    usual: 62,
    course: weigh,
  },
} satisfies Record<string, Instrument>;

export type InstrumentKind = keyof typeof INSTRUMENTS;
export const INSTRUMENT_KINDS = Object.keys(INSTRUMENTS) as InstrumentKind[];
