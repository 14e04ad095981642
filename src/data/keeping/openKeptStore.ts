import { nanoid } from 'nanoid';
import { openStore, type Heard, type Store } from '../store';
import { keepingStore } from './keepingStore';
import { liveAs, saveLeftovers, shelterIn } from './leftovers';
import { createOutbox, type Outbox } from './outbox';
import { openSideDatabase, type SideDatabase } from './sideDatabase';

/** What a tab opens: the records, what waits to be saved, and how much of earlier tabs was saved now. */
export interface KeptStore {
  store: Store;
  outbox: Outbox;
  side: SideDatabase | null;
  savedLeftovers: number;
}

/** Opens the database of a tab with what waits beside it: what cannot be written is kept, and written later. */
export async function openKeptStore(
  heard: Heard & { onRefused?: (error: Error) => void } = {},
): Promise<KeptStore> {
  const tab = nanoid();
  liveAs(tab);
  const [bare, side] = await Promise.all([openStore(heard), openSideDatabase().catch(() => null)]);
  const outbox = createOutbox(tab, shelterIn(side), (act) => bare.whole.make(act));
  const savedLeftovers = side ? await saveLeftovers(side, bare.whole, outbox) : 0;
  return { store: keepingStore(bare, outbox, heard.onRefused), outbox, side, savedLeftovers };
}
