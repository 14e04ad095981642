import { INSTRUMENTS, QUANTITIES, type Instrument, type InstrumentKind } from './table';

/** One reading as it comes in, in the unit of what its instrument measures: N of force, g of mass. */
export interface InstrumentReading<Kind = InstrumentKind> {
  kind: Kind;
  value: number;
  /** Whether it has come to rest: only then it counts. */
  settled: boolean;
}

/** What one line says. */
export type Line<Kind = InstrumentKind> =
  | { says: 'reading'; reading: InstrumentReading<Kind> }
  /** A sign of life: the instrument is there and has nothing to tell. */
  | { says: 'ready' }
  | { says: 'nonsense'; line: string };

/** The sign of life that an instrument gives while it has nothing to tell. */
export const READY_LINE = '# ready';

const LONGEST_LINE = 80;
const READING = /^([A-Z]) (-?\d{1,9}(?:\.\d{1,9})?) ([A-Za-z]{1,4}) ([SU]) \*([0-9A-F]{2})$/;

/** How much of its quantity's unit one of a line's unit is; null where the line's unit measures something else. */
export function unitOf({ quantity }: Instrument, lineUnit: string): number | null {
  const known = new Map<string, number>(Object.entries(QUANTITIES[quantity].onLine));
  return known.get(lineUnit) ?? null;
}

/** A reading as a line: `F 168.5 g S *76`, S for settled, U for not yet; the sum closes it. */
export function writeLine<Kind extends string>(
  { kind, value, settled }: InstrumentReading<Kind>,
  table: Record<Kind, Instrument>,
): string {
  const instrument = table[kind];
  const shown = value / unitOf(instrument, instrument.lineUnit)!;
  const body = `${instrument.letter} ${shown.toFixed(1)} ${instrument.lineUnit} ${settled ? 'S' : 'U'}`;
  return `${body} *${checksum(body)}`;
}

/** Reads one line of any instrument of a table; whatever is not whole, of none of them or out of range is nonsense. */
export function readLine<Kind extends string = InstrumentKind>(
  text: string,
  table: Record<Kind, Instrument> = INSTRUMENTS as unknown as Record<Kind, Instrument>,
): Line<Kind> {
  const line = text.trim();
  if (line.startsWith('#') || line === '') return { says: 'ready' };
  const nonsense: Line<Kind> = { says: 'nonsense', line: line.slice(0, LONGEST_LINE) };
  const found = line.length <= LONGEST_LINE ? READING.exec(line) : null;
  if (!found || checksum(line.slice(0, line.lastIndexOf(' *'))) !== found[5]) return nonsense;
  const [, letter, shown, lineUnit, state] = found;
  for (const kind of Object.keys(table) as Kind[]) {
    const instrument = table[kind];
    const unit = instrument.letter === letter ? unitOf(instrument, lineUnit!) : null;
    if (unit === null) continue;
    const value = Number(shown) * unit;
    if (value < instrument.least || value > instrument.most) return nonsense;
    return { says: 'reading', reading: { kind, value, settled: state === 'S' } };
  }
  return nonsense;
}

/** Exclusive or of all characters, as two hexadecimal digits. */
function checksum(body: string): string {
  let sum = 0;
  for (const character of body) sum ^= character.charCodeAt(0);
  return (sum & 0xff).toString(16).toUpperCase().padStart(2, '0');
}
