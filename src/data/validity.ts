import type { RECORD_SCHEMAS, RecordOf } from '../domain/records';
import type { StoreName } from '../domain/storeNames';

/** Checks records against their schemas; a version that was found valid is not checked again. */
export interface Validity {
  isValid<S extends StoreName>(store: S, record: RecordOf<S>): boolean;
  /** Returns the record; throws a `ValidationError` that names the field when it is not valid. */
  validated<S extends StoreName>(store: S, record: RecordOf<S>): RecordOf<S>;
}

/**
 * The schemas load beside the opening of the database, not before the first screen: whoever checks
 * records waits for them once, and outside of any transaction, which would not wait.
 */
export function createValidity(): () => Promise<Validity> {
  let loading: Promise<Validity> | null = null;
  return () =>
    (loading ??= import('../domain/records').then((records) => validityBy(records.RECORD_SCHEMAS)));
}

function validityBy(schemas: typeof RECORD_SCHEMAS): Validity {
  const known = new Set<string>();
  const version = (store: StoreName, record: { id: string; updatedAt: string }): string =>
    `${store} ${record.id} ${record.updatedAt}`;
  return {
    isValid(store, record) {
      if (known.has(version(store, record))) return true;
      const valid = schemas[store].isValidSync(record, { strict: true });
      if (valid) known.add(version(store, record));
      return valid;
    },
    validated(store, record) {
      schemas[store].validateSync(record, { strict: true });
      known.add(version(store, record));
      return record;
    },
  };
}
