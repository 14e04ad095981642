import { Draws } from '../core/random';
import { READY_LINE, unitOf, writeLine } from './lines';
import type { Instrument } from './table';

/** What can be made to go wrong with a stand-in, to see that it is borne. */
export const FAULTS = ['none', 'nonsense', 'silence', 'drop'] as const;
export type Fault = (typeof FAULTS)[number];

/** Each line and how long after the one before it comes. */
interface TimedLine {
  afterMs: number;
  line: string;
}

const FAULT_AFTER = 3;

/**
 * The lines of a stand-in without end, by the course of its row in the table; `around` in the unit of what it
 * measures. Same seed, same lines.
 */
export function* simulatedLines<Kind extends string>(input: {
  kind: Kind;
  table: Record<Kind, Instrument>;
  around: number | null;
  seed: number;
  fault: Fault;
}): Generator<TimedLine> {
  const { kind, table, around, seed, fault } = input;
  const instrument = table[kind];
  const unit = unitOf(instrument, instrument.lineUnit)!;
  const truth = around ?? instrument.usual;
  const draws = new Draws(seed);
  for (let round = 0; ; round += 1) {
    if (fault === 'silence' && round >= FAULT_AFTER) return yield* endless();
    if (fault === 'drop' && round >= FAULT_AFTER) return;
    if (fault === 'nonsense' && round % 2 === 1) yield { afterMs: 200, line: 'F 16#.5 g S *00' };
    for (const { afterMs, reads } of instrument.course(truth / unit, draws)) {
      if (!reads) yield { afterMs, line: READY_LINE };
      else {
        const value = Math.min(instrument.most, Math.max(instrument.least, reads.value * unit));
        yield { afterMs, line: writeLine({ kind, value, settled: reads.settled }, table) };
      }
    }
  }
}

/** A connection that stands and says nothing. */
function* endless(): Generator<TimedLine> {
  for (;;) yield { afterMs: 60_000, line: READY_LINE };
}
