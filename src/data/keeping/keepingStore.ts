import { STORE_NAMES, type StoreName } from '../../domain/storeNames';
import type { Written } from '../act';
import type { Repository } from '../repository';
import type { Store } from '../store';
import type { Edit, WholeData } from '../wholeData';
import { keepingRepository } from './keepingRepository';
import { keptWrite, NotSavedError, type Kept } from './keptWrite';
import { createKnown, type Known } from './known';
import type { Outbox } from './outbox';

/**
 * A store whose writes are never lost: what the browser refuses waits in the outbox, is shown as if it were
 * there, and is written as soon as it can be. A write that waits rejects with `NotSavedError`; one that is not
 * valid with its own reason, waits for nothing, and is told to `onRefused`.
 */
export function keepingStore(
  store: Store,
  outbox: Outbox,
  onRefused: (error: Error) => void = () => {},
): Store {
  const known = createKnown(outbox);
  const kept = keptWrite(store.changes, outbox, onRefused);
  const repositories = Object.fromEntries(
    STORE_NAMES.map((name) => [
      name,
      keepingRepository(name, store[name] as Repository<StoreName>, known, kept),
    ]),
  ) as unknown as Pick<Store, StoreName>;
  return { ...store, ...repositories, whole: keepingWhole(store.whole, outbox, known, kept) };
}

function keepingWhole(whole: WholeData, outbox: Outbox, known: Known, kept: Kept): WholeData {
  const edited = ({ store, id, change }: Edit): Written[] => {
    const before = known.of(store, id);
    if (before === undefined) return [];
    return [{ store, id, before, after: (change as (record: unknown) => unknown)(before) }];
  };
  return {
    ...whole,
    async make(act, why) {
      const made = await kept(
        () => whole.make(act, why),
        () => act,
      );
      if (made.clashes.length === 0) return made;
      // The person says which stands; until then it waits.
      const clash = new NotSavedError('Somebody else has changed the same meanwhile');
      outbox.add(act, clash);
      await outbox.retry();
      throw clash;
    },
    editTogether: (edits, why) =>
      kept(
        () => whole.editTogether(edits, why),
        () => edits.flatMap(edited),
      ),
    undo: (act) =>
      kept(
        () => whole.undo(act),
        () => act.map((own) => ({ ...own, before: own.after, after: own.before })),
      ),
  };
}
