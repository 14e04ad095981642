import type { Act, RecordClash, Written } from '../act';
import { withChosen, type Choice } from './clashes';
import type { Leftover } from './sideDatabase';

/** How far everything that was done has come: "saved" is what a finished transaction holds, and nothing else. */
export type SaveWord = 'saved' | 'saving' | 'not saved';

export interface SaveState {
  word: SaveWord;
  /** What is not saved, record by record, as it was read and as it is meant. */
  waiting: Act;
  /** Why the last try failed; null where it did not. */
  error: Error | null;
  /** Fields that somebody else has changed meanwhile: the person says which stand. */
  clashes: readonly RecordClash[];
  /** Whether what waits outlives this tab. */
  isKept: boolean;
}

/** Where what waits is put, so that it outlives the tab. */
export interface Shelter {
  put(leftover: Leftover): Promise<void>;
  drop(tab: string): Promise<void>;
}

/** Writes an act; tells what clashes, and then has written nothing. */
export type MakeAct = (act: Act) => Promise<{ clashes: RecordClash[] }>;

/** What waits to be saved, in this tab and beside the records. */
export interface Outbox {
  state(): SaveState;
  listen(listener: () => void): () => void;
  /** A write has begun; call what is returned when it has ended. */
  begin(): () => void;
  /** What could not be written waits, joined with what waits of the same record. */
  add(act: Act, error: Error): void;
  /** The record as it is meant, where something of it waits. */
  meant(store: string, id: string): Written | undefined;
  /** Tries again to write all that waits. */
  retry(): Promise<void>;
  /** Settles what clashes by the person's choice, and tries again. */
  settle(choose: Choice): Promise<void>;
}

const SAVED: SaveState = { word: 'saved', waiting: [], error: null, clashes: [], isKept: true };

// eslint-disable-next-line max-lines-per-function -- one closure over what waits, a short function an act
export function createOutbox(tab: string, shelter: Shelter, make: MakeAct): Outbox {
  const listeners = new Set<() => void>();
  let state = SAVED;
  let writing = 0;
  let trying: Promise<void> | null = null;
  const waiting = new Map<string, Written>();
  const keyOf = (store: string, id: string): string => `${store}/${id}`;

  function become(change: Partial<SaveState>): void {
    const all = [...waiting.values()];
    const word: SaveWord = all.length > 0 ? 'not saved' : writing > 0 ? 'saving' : 'saved';
    state = { ...state, ...change, waiting: all, word };
    listeners.forEach((listener) => listener());
  }

  async function keep(): Promise<void> {
    const act = [...waiting.values()];
    try {
      if (act.length === 0) await shelter.drop(tab);
      else await shelter.put({ tab, at: new Date().toISOString(), act });
      become({ isKept: true });
    } catch {
      // As long as the tab lives it waits in memory.
      become({ isKept: act.length === 0 });
    }
  }

  function add(act: Act, error: Error): void {
    for (const written of act) {
      const key = keyOf(written.store, written.id);
      const known = waiting.get(key);
      waiting.set(key, known ? { ...written, before: known.before } : written);
    }
    become({ error });
    void keep();
  }

  async function attempt(): Promise<void> {
    const act = [...waiting.values()];
    if (act.length === 0) return;
    try {
      const { clashes } = await make(act);
      if (clashes.length > 0) {
        become({ clashes, error: null });
        return;
      }
      // What came in while it was written goes on waiting, from what is stored now.
      for (const written of act) {
        const key = keyOf(written.store, written.id);
        const now = waiting.get(key)!;
        if (now === written) waiting.delete(key);
        else waiting.set(key, { ...now, before: written.after });
      }
      become({ clashes: [], error: null });
      await keep();
    } catch (error) {
      become({ error: error as Error });
    }
  }

  const retry = (): Promise<void> => (trying ??= attempt().finally(() => (trying = null)));
  return {
    state: () => state,
    listen(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    begin() {
      writing += 1;
      become({});
      return () => {
        writing -= 1;
        become({});
      };
    },
    add,
    meant: (store, id) => waiting.get(keyOf(store, id)),
    retry,
    async settle(choose) {
      for (const clash of state.clashes) {
        const key = keyOf(clash.store, clash.id);
        const written = waiting.get(key);
        if (written) waiting.set(key, withChosen(written, clash, choose));
      }
      become({ clashes: [] });
      await retry();
    },
  };
}
