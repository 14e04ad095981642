import type { SideDatabase, Store } from '../data';
import { stampNow } from '../domain/clock';
import { exportAll } from '../workers/filesClient';

/** The last copy outside the browser. */
export interface LastCopy {
  at: string;
  /** Touch-ups and looks that were in it. */
  entries: number;
}

/** So many copies stand side by side in a folder: the oldest makes room for the newest. */
const COPIES = 3;

/** What browsers that write to folders add to a handle; the types of others do not know it. */
export interface Folder extends FileSystemDirectoryHandle {
  queryPermission?(wanted: { mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission?(wanted: { mode: 'readwrite' }): Promise<PermissionState>;
}

type Picker = (options: { mode: 'readwrite'; id: string }) => Promise<Folder>;

/** Lets the person choose a folder for copies; null where the browser has no such way. */
export function folderPicker(): Picker | null {
  return (window as unknown as { showDirectoryPicker?: Picker }).showDirectoryPicker ?? null;
}

export async function mayWrite(folder: Folder): Promise<PermissionState> {
  return (await folder.queryPermission?.({ mode: 'readwrite' })) ?? 'granted';
}

/** One tab at a time writes into the folder: what another writes is as new. */
const LOCK = 'open-trail-copy';

/** Writes everything into the folder, over the oldest of its copies, unless another tab does so. */
export async function copyToFolder(
  side: SideDatabase,
  store: Store,
  folder: Folder,
): Promise<void> {
  await navigator.locks.request(LOCK, { ifAvailable: true }, async (lock) => {
    if (!lock) return;
    const { file, ending } = await exportAll();
    const slot = ((await side.get('notes', 'copy slot')) as number | undefined) ?? 0;
    const own = await folder.getFileHandle(nameOf(slot, ending), { create: true });
    const writing = await own.createWritable();
    await writing.write(file);
    await writing.close();
    // What stood in this place before there were pictures, or since there are none.
    const other = ending === 'zip' ? 'json' : 'zip';
    await folder.removeEntry(nameOf(slot, other)).catch(() => {});
    await side.put('notes', (slot + 1) % COPIES, 'copy slot');
    await noteCopy(side, store);
  });
}

/** Notes that a copy of everything was made now. */
export async function noteCopy(side: SideDatabase, { log }: Store): Promise<void> {
  const [sessions, looks] = await Promise.all([
    log.count('sessionLines'),
    log.count('inspectionLines'),
  ]);
  const copy: LastCopy = { at: stampNow(), entries: sessions + looks };
  await side.put('notes', copy, 'copy');
}

/** The newest copy in the folder; null where there is none. */
export async function newestCopy(folder: Folder): Promise<File | null> {
  const files: File[] = [];
  for (let slot = 0; slot < COPIES; slot += 1) {
    for (const ending of ENDINGS) {
      const handle = await folder.getFileHandle(nameOf(slot, ending)).catch(() => null);
      if (handle) files.push(await handle.getFile());
    }
  }
  return files.toSorted((a, b) => b.lastModified - a.lastModified)[0] ?? null;
}

const ENDINGS = ['json', 'zip'] as const;

function nameOf(slot: number, ending: (typeof ENDINGS)[number]): string {
  return `open-trail-copy-${slot + 1}.${ending}`;
}
