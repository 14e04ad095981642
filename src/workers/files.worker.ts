import { expose } from 'comlink';
import { openStore, soundRecords, type Act, type MergeReport, type Store } from '../data';
import { STORE_NAMES } from '../domain/storeNames';
import type { AllRecords } from '../domain/records';
import { readBundle, writeBundle } from '../formats/bundle';
import { isZip, readZip, writeZip } from '../formats/zipBundle';
import { readLog } from '../formats/log';
import type { FileProblem } from '../formats/jsonProblems';

/** What an import came to. */
export type ImportOutcome =
  | { kind: 'refused'; problems: FileProblem[]; more: number }
  | { kind: 'merged'; report: MergeReport };

/** Everything as one file, and what its name ends on. */
export interface Exported {
  file: Blob;
  ending: 'json' | 'zip';
  leftOut: number;
}

/** Where an import stands; the share is of that stage. */
export type ImportStage = 'reading' | 'checking' | 'writing';
export type OnImportProgress = (stage: ImportStage, share: number) => void;

/** A file larger than this is not read: a lifetime of touch-ups stays far below it. */
const LARGEST_BYTES = 128 * 1024 * 1024;

let opened: Promise<Store> | null = null;
const store = (): Promise<Store> => (opened ??= openStore());

let imported: Act = [];

type Records =
  { ok: true; records: AllRecords } | { ok: false; problems: FileProblem[]; more: number };

function isTable(file: Blob): boolean {
  return file.type === 'text/csv' || (file instanceof File && /\.csv$/i.test(file.name));
}

function bundleRecords(bytes: Uint8Array, onShare: (share: number) => void): Records {
  const reading = isZip(bytes)
    ? readZip(bytes, onShare)
    : readBundle(new TextDecoder().decode(bytes), onShare);
  return reading.ok ? { ok: true, records: reading.bundle.records } : reading;
}

/** A table of the log by the tools, things and trips that are here. */
async function logRecords(text: string, now: string): Promise<Records> {
  const { tools, abrasives, strops, compounds, lubricants, trips } = await store();
  const shelf = {
    abrasives: await abrasives.list(),
    strops: await strops.list(),
    compounds: await compounds.list(),
    lubricants: await lubricants.list(),
  };
  const known = { tools: await tools.list(), shelf, trips: await trips.list(), now };
  const reading = readLog(text, known);
  if (!reading.ok) return reading;
  const none = Object.fromEntries(STORE_NAMES.map((name) => [name, []])) as unknown as AllRecords;
  return { ok: true, records: { ...none, sessions: reading.sessions } };
}

/** The data file in and out, in a thread of its own: reading and checking a long log takes seconds. */
const api = {
  /** Brings in all of a file or nothing of it; ending the thread meanwhile brings in nothing. */
  async importFile(file: Blob, now: string, onProgress: OnImportProgress): Promise<ImportOutcome> {
    if (file.size > LARGEST_BYTES) {
      const message = 'is larger than 128 MB: choose a file made by Export';
      return { kind: 'refused', problems: [{ line: 1, field: 'file', message }], more: 0 };
    }
    onProgress('reading', 0);
    const bytes = new Uint8Array(await file.arrayBuffer());
    onProgress('checking', 0);
    const reading = isTable(file)
      ? await logRecords(new TextDecoder().decode(bytes), now)
      : bundleRecords(bytes, (share) => onProgress('checking', share));
    if (!reading.ok) return { kind: 'refused', problems: reading.problems, more: reading.more };
    onProgress('writing', 0);
    const { whole } = await store();
    const { report, act } = await whole.mergeIn(reading.records, (share) =>
      onProgress('writing', share),
    );
    imported = act;
    return { kind: 'merged', report };
  },
  /** Takes the last import back; records changed since stay as they are. Returns how many did. */
  async undoImport(): Promise<number> {
    return (await store()).whole.undo(imported);
  },
  /** Everything sound as one file, with pictures a ZIP, and how many damaged records are not in it. */
  async exportAll(now: string): Promise<Exported> {
    const { records, leftOut } = await soundRecords(await store());
    if (records.photos.length === 0) {
      const file = new Blob([writeBundle(records, now)], { type: 'application/json' });
      return { file, ending: 'json', leftOut };
    }
    const zip = new Uint8Array(writeZip(records, now));
    return { file: new Blob([zip], { type: 'application/zip' }), ending: 'zip', leftOut };
  },
};

export type FilesWorker = typeof api;

expose(api);
