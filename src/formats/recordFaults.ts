import type { Schema, ValidationError } from 'yup';

/** What is wrong within one record, or within a list of them. */
export interface RecordFault {
  /** Within the record, like `zones[0].name`; empty for the record itself. */
  path: string;
  message: string;
}

/** A record of more values than this is none: the fullest touch-up holds half as many. */
const MOST_VALUES = 20_000;

/** Everything that a schema refuses in a value; empty for a sound one. Never throws. */
export function recordFaults(schema: Schema, value: unknown): RecordFault[] {
  if (holdsMoreThan(value, MOST_VALUES))
    return [{ path: '', message: 'holds more than any record can: remove it' }];
  try {
    schema.validateSync(value, { strict: true, abortEarly: false, disableStackTrace: true });
    return [];
  } catch (error) {
    const { inner, path, message } = error as ValidationError;
    const single = inner?.length > 0 ? inner : [{ path, message }];
    return single.map((fault) => ({
      path: fault.path ?? '',
      message: fault.path ? fault.message.replace(fault.path, '').trim() : fault.message,
    }));
  }
}

function holdsMoreThan(value: unknown, most: number): boolean {
  const left = [value];
  let seen = 0;
  while (left.length > 0) {
    const next = left.pop();
    seen += 1;
    if (seen > most) return true;
    if (typeof next === 'object' && next !== null)
      for (const entry of Object.values(next)) left.push(entry);
  }
  return false;
}
