'use client';

import { toast } from 'sonner';
import { useStore } from './StoreProvider';
import type { UnusableRecord } from './unusable';

/** Sets a record aside as it is, with undo: it stays stored, and no screen computes with it. */
export function useSetAside(): (record: UnusableRecord) => void {
  const store = useStore();
  return ({ store: name, raw, name: called }) => {
    const at = new Date().toISOString();
    void store.whole.putRaw(name, { ...(raw as object), deletedAt: at, updatedAt: at });
    toast(`${called} is set aside.`, {
      action: { label: 'Undo', onClick: () => void store.whole.putRaw(name, raw) },
    });
  };
}
