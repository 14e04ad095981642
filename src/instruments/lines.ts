import { boolean, number, object, string, ValidationError } from 'yup';
import { oneOf } from '../domain/fields';
import { INSTRUMENT_KINDS, LIMITS_G, type InstrumentKind } from './limits';

/** The letter that each kind begins its lines with. */
const LETTER: Record<InstrumentKind, string> = { 'edge-tester': 'F', 'pocket-scale': 'M' };

/** One reading as it comes in. */
export interface InstrumentReading {
  kind: InstrumentKind;
  grams: number;
  /** Whether it has come to rest: only then it counts. */
  settled: boolean;
}

const readingSchema = object({
  kind: oneOf(INSTRUMENT_KINDS),
  grams: number().min(0).max(10_000).required(),
  settled: boolean().required(),
});

/** What one line says. */
export type Line =
  | { says: 'reading'; reading: InstrumentReading }
  /** A sign of life: the instrument is there and has nothing to tell. */
  | { says: 'ready' }
  | { says: 'nonsense'; line: string };

/** A reading as a line: `F 168.5 g S *76`, S for settled, U for not yet; the sum closes it. */
export function writeLine({ kind, grams, settled }: InstrumentReading): string {
  const body = `${LETTER[kind]} ${grams.toFixed(1)} g ${settled ? 'S' : 'U'}`;
  return `${body} *${checksum(body)}`;
}

/** The sign of life that an instrument gives while it has nothing to tell. */
export const READY_LINE = '# ready';

const LONGEST_LINE = 80;
const READING = /^([FM]) (-?\d+(?:\.\d+)?) g ([SU]) \*([0-9A-F]{2})$/;
const said = string().max(LONGEST_LINE).required();

/** Reads one line; whatever is not whole, not ours or out of range is nonsense, and never a reading. */
export function readLine(text: string): Line {
  const line = text.trim();
  if (line.startsWith('#') || line === '') return { says: 'ready' };
  const nonsense: Line = { says: 'nonsense', line: line.slice(0, LONGEST_LINE) };
  const found = said.isValidSync(line) ? READING.exec(line) : null;
  if (!found || checksum(line.slice(0, line.lastIndexOf(' *'))) !== found[4]) return nonsense;
  try {
    const [kind] = Object.entries(LETTER).find(([, letter]) => letter === found[1])!;
    const reading = readingSchema.validateSync(
      { kind, grams: Number(found[2]), settled: found[3] === 'S' },
      { strict: true },
    ) as InstrumentReading;
    const [least, most] = LIMITS_G[reading.kind];
    const fits = reading.grams >= least && reading.grams <= most;
    return fits ? { says: 'reading', reading } : nonsense;
  } catch (error) {
    if (error instanceof ValidationError) return nonsense;
    throw error;
  }
}

/** Exclusive or of all characters, as two hexadecimal digits. */
function checksum(body: string): string {
  let sum = 0;
  for (const character of body) sum ^= character.charCodeAt(0);
  return (sum & 0xff).toString(16).toUpperCase().padStart(2, '0');
}
