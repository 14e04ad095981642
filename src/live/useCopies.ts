'use client';

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { differenceInDays, formatISO } from 'date-fns';
import { useContext, useEffect } from 'react';
import { downloadFile } from '../ui/download';
import { exportAll } from '../workers/filesClient';
import type { Had } from '../data';
import {
  copyToFolder,
  folderPicker,
  mayWrite,
  newestCopy,
  noteCopy,
  type Folder,
  type LastCopy,
} from './copies';
import { KeptContext } from './StoreProvider';
import { useNow } from './useNow';
import { useRecords } from './useRecords';
import { useLineCount } from './useToolLog';
import { clockNow, stampNow } from '../domain/clock';

/** A copy outside the browser that is older than this is told of: days, or entries since. */
const MOST_DAYS = 31;
const MOST_ENTRIES = 20;
/** A folder is brought up to date so long (ms) after the last change, and when the page is left. */
const QUIET_MS = 20_000;

const KEY = ['copies'];

interface Found {
  last: LastCopy | null;
  folder: Folder | null;
  /** Whether the folder may be written to in this visit. */
  may: PermissionState;
}

/** The copies outside the browser: the last one, where they go, and whether one is due. */
export interface Copies extends Found {
  canChoose: boolean;
  isDue: boolean;
  /** Entries since the last copy. */
  since: number;
  /** Hands a copy to the person: saved as a file, or shared where that is possible. */
  hand: (how: 'file' | 'share') => Promise<{ leftOut: number }>;
  choose: () => Promise<void>;
  /** Asks the browser to let the folder be written to in this visit. */
  allow: () => Promise<void>;
  newest: () => Promise<File | null>;
}

function useFound() {
  const kept = useContext(KeptContext);
  const side = kept?.side ?? null;
  const { data } = useQuery({
    queryKey: KEY,
    queryFn: async (): Promise<Found> => {
      const last = ((await side?.get('notes', 'copy')) as LastCopy | undefined) ?? null;
      const folder = ((await side?.get('notes', 'copy folder')) as Folder | undefined) ?? null;
      return { last, folder, may: folder ? await mayWrite(folder) : 'denied' };
    },
  });
  return { side, store: kept?.store ?? null, found: data };
}

/** Undefined while it is read. */
export function useCopies(): Copies | undefined {
  const { side, store, found } = useFound();
  const client = useQueryClient();
  const entries = useEntries();
  const settings = useRecords('settings');
  const tools = useRecords('tools');
  const now = useNow();
  if (!found || entries === undefined || !settings || !tools) return undefined;
  const { last, folder } = found;
  const again = (): Promise<void> => client.invalidateQueries({ queryKey: KEY });
  const oldest = tools.map(({ createdAt }) => createdAt).toSorted()[0];
  const from = last?.at ?? oldest ?? now;
  const since = entries - (last?.entries ?? 0);
  // The sample crew's is nobody's data.
  const isOwn = !settings[0]?.demoLoadedAt && tools.length > 0;
  return {
    ...found,
    canChoose: folderPicker() !== null,
    isDue: isOwn && (since >= MOST_ENTRIES || differenceInDays(now, from) >= MOST_DAYS),
    since,
    async hand(how) {
      const { file, ending, leftOut } = await exportAll();
      const name = `open-trail-${formatISO(clockNow(), { representation: 'date' })}.${ending}`;
      if (how === 'share') await shareOrSave(name, file);
      else downloadFile(name, file);
      if (side && store) await noteCopy(side, store);
      await again();
      return { leftOut };
    },
    async choose() {
      const chosen = await folderPicker()!({ mode: 'readwrite', id: 'open-trail' });
      if (!side || !store) return;
      await side.put('notes', chosen, 'copy folder');
      await copyToFolder(side, store, chosen);
      await again();
    },
    async allow() {
      await folder?.requestPermission?.({ mode: 'readwrite' });
      await again();
    },
    newest: async () => (folder ? newestCopy(folder) : null),
  };
}

function useEntries(): number | undefined {
  const sessions = useLineCount('sessionLines');
  const looks = useLineCount('inspectionLines');
  return sessions === undefined || looks === undefined ? undefined : sessions + looks;
}

async function shareOrSave(name: string, file: Blob): Promise<void> {
  const shared = new File([file], name, { type: file.type });
  if (navigator.maxTouchPoints > 0 && navigator.canShare?.({ files: [shared] })) {
    await navigator.share({ files: [shared] });
  } else downloadFile(name, file);
}

/**
 * Keeps the chosen folder up to date, asks the browser once to keep what is stored, and remembers that there
 * was something: an empty database after that is told of.
 */
export function useKeepCopies(): void {
  const { side, store, found } = useFound();
  const client = useQueryClient();
  const folder = found?.may === 'granted' ? found.folder : null;
  useEffect(() => {
    if (!side || !store || !folder) return;
    let timer: ReturnType<typeof setTimeout> | null = null;
    const copy = (): void => {
      if (timer === null) return;
      clearTimeout(timer);
      timer = null;
      copyToFolder(side, store, folder).then(
        () => client.invalidateQueries({ queryKey: KEY }),
        // A folder that is gone is told of by its copy growing old.
        () => {},
      );
    };
    const later = (): void => {
      if (timer !== null) clearTimeout(timer);
      timer = setTimeout(copy, QUIET_MS);
    };
    const hidden = (): void => {
      if (document.visibilityState === 'hidden') copy();
    };
    document.addEventListener('visibilitychange', hidden);
    const stop = store.changes.listen(later);
    return () => {
      document.removeEventListener('visibilitychange', hidden);
      stop();
      copy();
    };
  }, [side, store, folder, client]);
  useRemembered();
}

/** Notes that there are tools of the person's own, and asks the browser to keep them. */
function useRemembered(): void {
  const { side } = useContext(KeptContext) ?? {};
  const tools = useRecords('tools')?.length;
  const settings = useRecords('settings');
  const isOwn = settings !== undefined && !settings[0]?.demoLoadedAt;
  useEffect(() => {
    if (!side || tools === undefined || !isOwn) return;
    if (tools === 0) {
      // Whoever has started empty has lost nothing.
      if (settings.length > 0) void side.delete('notes', 'had').catch(() => {});
      return;
    }
    const had: Had = { tools, at: stampNow() };
    void side.put('notes', had, 'had').catch(() => {});
    void navigator.storage
      ?.persisted?.()
      .then((is) => is || navigator.storage.persist())
      .catch(() => {});
  }, [side, tools, isOwn, settings]);
}
