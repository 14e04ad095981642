import { RECORD_SCHEMAS, type RecordOf, type StoreName } from '../domain/records';

/** Validates records once a version: a version that was found valid is not checked again. */
export interface Validity {
  isValid<S extends StoreName>(store: S, record: RecordOf<S>): boolean;
  /** Returns the record; throws a `ValidationError` that names the field when it is not valid. */
  validated<S extends StoreName>(store: S, record: RecordOf<S>): RecordOf<S>;
}

export function createValidity(): Validity {
  const known = new Set<string>();
  const version = (store: StoreName, record: { id: string; updatedAt: string }): string =>
    `${store} ${record.id} ${record.updatedAt}`;

  const validity: Validity = {
    isValid(store, record) {
      if (known.has(version(store, record))) return true;
      const valid = RECORD_SCHEMAS[store].isValidSync(record, { strict: true });
      if (valid) known.add(version(store, record));
      return valid;
    },
    validated(store, record) {
      RECORD_SCHEMAS[store].validateSync(record, { strict: true });
      known.add(version(store, record));
      return record;
    },
  };
  return validity;
}
