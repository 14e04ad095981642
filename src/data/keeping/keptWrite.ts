import type { Act } from '../act';
import type { Store } from '../store';
import type { Outbox } from './outbox';

/** A write that waits in the outbox: it is not saved, and not lost. */
export class NotSavedError extends Error {
  override name = 'NotSavedError';
}

/** Writes, or lets the act that it would have written wait, and rejects with `NotSavedError`. */
export type Kept = <T>(write: () => Promise<T>, acted: () => Act) => Promise<T>;

export function keptWrite(
  changes: Store['changes'],
  outbox: Outbox,
  onRefused: (error: Error) => void,
): Kept {
  return async (write, acted) => {
    const end = outbox.begin();
    try {
      // In their order: what waits goes first.
      if (outbox.state().waiting.length > 0) await outbox.retry();
      if (outbox.state().waiting.length > 0)
        throw new NotSavedError('What came before it is not saved yet');
      return await write();
    } catch (error) {
      const act = isOfStorage(error as Error) ? acted() : [];
      // What is not valid is to be mended where it was entered; of what nobody has read nothing can wait.
      if (act.length === 0) {
        onRefused(error as Error);
        throw error;
      }
      outbox.add(act, error as Error);
      changes.announce([...new Set(act.map(({ store }) => store))]);
      throw new NotSavedError((error as Error).message, { cause: error });
    } finally {
      end();
    }
  };
}

/** What browsers call a storage that is shut, full, gone or failing. */
const STORAGE_ERRORS = [
  'AbortError',
  'InvalidStateError',
  'NotFoundError',
  'NotReadableError',
  'NotSavedError',
  'QuotaExceededError',
  'TimeoutError',
  'TransactionInactiveError',
  'UnknownError',
];

/** Whether a write failed by no fault of what was to be written. */
function isOfStorage({ name }: Error): boolean {
  return STORAGE_ERRORS.includes(name);
}
