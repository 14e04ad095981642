import { RECORD_SCHEMAS } from '../domain/records';
import type { StoreName } from '../domain/storeNames';
import { locateFaults, parseJson, pathSegments, type FileProblem } from './jsonProblems';
import { recordFaults } from './recordFaults';

/** One record as text to be read and mended by hand. */
export function writeRecord(record: unknown): string {
  return JSON.stringify(record, null, 2);
}

/** One record of a store from its text, or what is wrong with it, line by line. */
export function readRecord(
  store: StoreName,
  text: string,
): { ok: true; record: { id: string } } | { ok: false; problems: FileProblem[] } {
  const parsed = parseJson(text);
  if (!parsed.ok) return { ok: false, problems: [parsed.problem] };
  const faults = recordFaults(RECORD_SCHEMAS[store], parsed.value);
  if (faults.length === 0) return { ok: true, record: parsed.value as { id: string } };
  const placed = faults.map((f) => ({
    ...f,
    path: pathSegments(f.path),
    field: f.path || 'record',
  }));
  return { ok: false, problems: locateFaults(text, placed) };
}
