import { nanoid } from 'nanoid';
import { openStore, type Heard, type Store } from '../store';
import { noteWrites, watchClock, type ClockSpell } from './clockWatch';
import { keepingStore } from './keepingStore';
import { liveAs, saveLeftovers, shelterIn } from './leftovers';
import { createOutbox, type Outbox } from './outbox';
import { openSideDatabase, type SideDatabase } from './sideDatabase';

/** What was here when it was last written. */
export interface Had {
  tools: number;
  at: string;
}

/** What a tab opens: the records, and what waits to be saved. */
export interface KeptStore {
  store: Store;
  outbox: Outbox;
  side: SideDatabase | null;
  /** What was here, where the database is empty and was not; null for the rest. */
  lost: Had | null;
  /** A time in which the clock ran behind, and that nobody has set right yet; null for none. */
  spell: ClockSpell | null;
  /** Saves what earlier tabs could not; tells how many records that were. */
  saveLeftovers: () => Promise<number>;
}

/** Opens the database of a tab with what waits beside it: what cannot be written is kept, and written later. */
export async function openKeptStore(
  heard: Heard & { onRefused?: (error: Error) => void } = {},
): Promise<KeptStore> {
  const tab = nanoid();
  liveAs(tab);
  const [bare, side] = await Promise.all([openStore(heard), openSideDatabase().catch(() => null)]);
  const outbox = createOutbox(tab, shelterIn(side), (act) => bare.whole.make(act));
  const [isEmpty, had, spell] = await Promise.all([
    bare.whole.isEmpty(),
    side?.get('notes', 'had') as Promise<Had | undefined> | undefined,
    side ? watchClock(side, bare.log) : null,
  ]);
  if (side) {
    noteWrites(side, bare.changes);
    // A clock that is set while the page lies behind others counts from then on.
    document.addEventListener('visibilitychange', () => {
      if (document.visibilityState === 'visible') watchClock(side, bare.log).catch(() => {});
    });
  }
  return {
    spell,
    store: keepingStore(bare, outbox, heard.onRefused),
    outbox,
    side,
    lost: isEmpty && had ? had : null,
    saveLeftovers: async () => (side ? saveLeftovers(side, bare.whole, outbox) : 0),
  };
}
