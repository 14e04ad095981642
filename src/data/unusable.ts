import { gradeSizeUm } from '../core/abrasive';
import { uncomputable } from '../core/ladder';
import type { RecordOf, RECORD_SCHEMAS } from '../domain/records';
import { TRACED_STORES } from '../domain/traced';
import type { StoreName } from '../domain/storeNames';
import type { Abrasive } from '../domain/shelf';
import type { Tool } from '../domain/tool';

/** A stored record that cannot be read, or not be computed with. */
export interface UnusableRecord {
  store: StoreName;
  id: string;
  name: string;
  why: string;
  /** As it is stored, for export and for putting it back. */
  raw: unknown;
}

/** The stores that screens compute with as a whole. */
export const COMPUTED_STORES: readonly StoreName[] = [...TRACED_STORES, 'settings'];

/** A store's records, removed ones aside, that would take a screen down if they were computed with. */
export async function findUnusable<S extends StoreName>(
  store: S,
  records: readonly RecordOf<S>[],
): Promise<UnusableRecord[]> {
  const schema = (await import('../domain/records')).RECORD_SCHEMAS[store];
  return records
    .filter(({ deletedAt }) => deletedAt === null || deletedAt === undefined)
    .flatMap((raw) => {
      const why = whyUnusable(store, schema, raw);
      const name = String((raw as { name?: unknown }).name ?? raw.id);
      return why === null ? [] : [{ store, id: raw.id, name, why, raw }];
    });
}

function whyUnusable(
  store: StoreName,
  schema: (typeof RECORD_SCHEMAS)[StoreName],
  raw: unknown,
): string | null {
  try {
    schema.validateSync(raw, { strict: true });
    if (store === 'tools') return uncomputable(raw as Tool);
    if (store === 'abrasives') (raw as Abrasive).faces.forEach(({ grade }) => gradeSizeUm(grade));
    return null;
  } catch (error) {
    const { path, message } = error as Error & { path?: string };
    return path && !message.startsWith(path) ? `${path} ${message}` : message;
  }
}
