import { readGrams } from '../src/domain/observation';
import type { Inspection } from '../src/domain/session';
import type { SharpnessTest } from '../src/domain/terms';
import { look } from './look';

/** Looks on winter evenings, each place tested by paper or hair and read on the force tester besides. */
const LOOKS: readonly [day: string, tool: string, test: SharpnessTest, grams: number][] = [
  ['2025-11-09', 'crook', 'push-cuts-newsprint', 214],
  ['2025-11-15', 'wren', 'push-cuts-newsprint', 205],
  ['2025-11-30', 'plover', 'push-cuts-newsprint', 198],
  ['2025-12-06', 'old-hob', 'tears-paper', 548],
  ['2025-12-13', 'plover', 'push-cuts-newsprint', 221],
  ['2026-01-10', 'wren', 'slices-paper', 322],
  ['2026-01-18', 'wren', 'push-cuts-newsprint', 210],
  ['2026-01-24', 'plover', 'slices-paper', 344],
  ['2026-02-15', 'tern', 'push-cuts-newsprint', 202],
  ['2026-02-21', 'crook', 'push-cuts-newsprint', 219],
  ['2026-03-01', 'old-hob', 'slides-on-nail', 902],
];

export const testerLooks: Inspection[] = LOOKS.map(([day, tool, test, grams]) => {
  const seen = look(`tester-${day}-${tool}`, `${day}T19:00:00.000Z`, tool, 'edge', test);
  const tests = [...seen.seen.tests, readGrams(grams)];
  return { ...seen, seen: { ...seen.seen, tests } };
});
