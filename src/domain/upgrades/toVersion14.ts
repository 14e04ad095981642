/**
 * From version 13 to 14: a zone says by how much its angle may be off; of older ones nobody said. Zones stand in tools,
 * in the steps that grind them, and in what was changed of either.
 */

import { recordWith } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_13 = {
  tool: recordWith({}),
  session: recordWith({}),
  history: recordWith({}),
};

/** The same value with every zone in it, however deep, saying that its error is not known. */
function withAngleErrors(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withAngleErrors);
  if (typeof value !== 'object' || value === null) return value;
  const fields = Object.entries(value).map(([name, own]) => [name, withAngleErrors(own)]);
  const copy = Object.fromEntries(fields) as Loose;
  return 'angleMethod' in copy && !('angleErrorDeg' in copy)
    ? { ...copy, angleErrorDeg: null }
    : copy;
}

export const recordToVersion14 = (record: Loose): Loose => withAngleErrors(record) as Loose;
