import type { Repository } from './repository';
import { STORE_NAMES, type StoreName } from '../domain/storeNames';
import type { Store } from './store';

/** A write that the browser refused, and the way to try it again as it was. */
export interface FailedWrite {
  error: Error;
  retry: () => Promise<unknown>;
}

type Write = (...given: never[]) => Promise<unknown>;

/** A store that tells of every write that fails, before it fails for the caller too. */
export function reportingFailures(store: Store, onFailed: (failed: FailedWrite) => void): Store {
  const reporting = <W extends Write>(write: W): W =>
    (async (...given: never[]) => {
      try {
        return await write(...given);
      } catch (error) {
        onFailed({ error: error as Error, retry: () => reporting(write)(...given) });
        throw error;
      }
    }) as unknown as W;
  const repository = <S extends StoreName>(each: Repository<S>): Repository<S> => ({
    ...each,
    save: reporting(each.save),
    update: reporting(each.update),
    remove: reporting(each.remove),
    restore: reporting(each.restore),
  });
  const repositories = Object.fromEntries(
    STORE_NAMES.map((name) => [name, repository(store[name] as Repository<StoreName>)]),
  ) as Pick<Store, StoreName>;
  const { editTogether, putTogether, mergeIn, replaceAll, putRaw, undo } = store.whole;
  return {
    ...store,
    ...repositories,
    whole: {
      ...store.whole,
      editTogether: reporting(editTogether),
      putTogether: reporting(putTogether),
      mergeIn: reporting(mergeIn),
      replaceAll: reporting(replaceAll),
      putRaw: reporting(putRaw),
      undo: reporting(undo),
    },
  };
}
