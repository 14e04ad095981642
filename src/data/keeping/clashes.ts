import type { RecordClash, Written } from '../act';
import { withField, type FieldClash } from '../byField';

/** Which side of a clash stands. */
export type Side = 'mine' | 'theirs';
export type Choice = (clash: RecordClash, field: FieldClash) => Side;

/**
 * An act on one record with its clashes settled: what is chosen as mine is written over what is there, and of
 * the rest nothing is changed.
 */
export function withChosen(written: Written, clash: RecordClash, choose: Choice): Written {
  let { before, after } = written;
  for (const field of clash.clashes) {
    before = withField(before, field.path, field.present);
    if (choose(clash, field) === 'theirs') after = withField(after, field.path, field.present);
  }
  return { ...written, before, after };
}
