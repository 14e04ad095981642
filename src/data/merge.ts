import { isAfter } from 'date-fns';
import type { AllRecords, RecordOf } from '../domain/records';
import { STORE_NAMES, type StoreName } from '../domain/storeNames';

/** What an import would do, store by store. */
interface MergeCount {
  added: number;
  replaced: number;
  kept: number;
}

export type MergeReport = Record<StoreName, MergeCount>;

/**
 * Two devices' records together: the newest of each id wins, the present one on a tie. Returns the
 * incoming records that win and what happens to each store.
 */
export function mergeRecords(
  present: AllRecords,
  incoming: AllRecords,
): { winners: AllRecords; report: MergeReport } {
  const winners = {} as AllRecords;
  const report = {} as MergeReport;
  for (const store of STORE_NAMES) mergeStore(store, present, incoming, winners, report);
  return { winners, report };
}

function mergeStore<S extends StoreName>(
  store: S,
  present: AllRecords,
  incoming: AllRecords,
  winners: AllRecords,
  report: MergeReport,
): void {
  const here = new Map(present[store].map((record) => [record.id, record]));
  const count: MergeCount = { added: 0, replaced: 0, kept: 0 };
  const winning = incoming[store].filter((record) => {
    const own = here.get(record.id);
    const outcome = !own ? 'added' : isAfter(record.updatedAt, own.updatedAt) ? 'replaced' : 'kept';
    count[outcome] += 1;
    return outcome !== 'kept';
  }) as RecordOf<S>[];
  winners[store] = winning as AllRecords[S];
  report[store] = count;
}
