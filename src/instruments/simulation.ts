import { Draws } from '../core/random';
import type { InstrumentKind } from './limits';
import { READY_LINE, writeLine } from './lines';

/** What can be made to go wrong with a stand-in, to see that it is borne. */
export const FAULTS = ['none', 'nonsense', 'silence', 'drop'] as const;
export type Fault = (typeof FAULTS)[number];

/** Each line and how long after the one before it comes. */
export interface TimedLine {
  afterMs: number;
  line: string;
}

/** What stand-ins read around where nobody says: a working edge, a pocket plate. */
const USUAL_G: Record<InstrumentKind, number> = { 'edge-tester': 200, 'pocket-scale': 62 };
/** Scatter of single cuts, and how far a tester wanders over a session, as shares of the reading. */
const SCATTER = 0.06;
const DRIFT = 0.02;
const FAULT_AFTER = 3;

/**
 * The lines of a stand-in without end: a force tester with scatter and a slow drift, one reading a cut
 * and signs of life between them; a scale that swings into rest. Same seed, same lines.
 */
export function* simulatedLines(input: {
  kind: InstrumentKind;
  around: number | null;
  seed: number;
  fault: Fault;
}): Generator<TimedLine> {
  const { kind, around, seed, fault } = input;
  const draws = new Draws(seed);
  const random = (): number => draws.even();
  const normal = (): number => random() + random() + random() + random() - 2;
  const truth = around ?? USUAL_G[kind];
  let drift = 0;
  for (let round = 0; ; round += 1) {
    if (fault === 'silence' && round >= FAULT_AFTER) return yield* endless();
    if (fault === 'drop' && round >= FAULT_AFTER) return;
    if (fault === 'nonsense' && round % 2 === 1) yield { afterMs: 200, line: 'F 16#.5 g S *00' };
    if (kind === 'edge-tester') {
      drift += DRIFT * 0.2 * normal();
      const grams = Math.max(1, truth * (1 + drift + SCATTER * normal() * 1.7));
      yield { afterMs: 700, line: READY_LINE };
      yield { afterMs: 700, line: READY_LINE };
      yield { afterMs: 500, line: writeLine({ kind, grams, settled: true }) };
    } else {
      for (const swing of [0.3, -0.14, 0.05]) {
        const grams = Math.max(0, truth * (1 + swing));
        yield { afterMs: 250, line: writeLine({ kind, grams, settled: false }) };
      }
      const grams = Math.max(0, truth + 0.3 * normal());
      yield { afterMs: 400, line: writeLine({ kind, grams, settled: true }) };
    }
  }
}

/** A connection that stands and says nothing. */
function* endless(): Generator<TimedLine> {
  for (;;) yield { afterMs: 60_000, line: READY_LINE };
}
