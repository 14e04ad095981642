import { mixed, number, object, string } from 'yup';
import { timestamp } from '../domain/fields';
import { RECORDS_VERSION, RECORD_SCHEMAS, type AllRecords } from '../domain/records';
import { STORE_NAMES, type StoreName } from '../domain/storeNames';
import { FIRST_VERSION } from '../domain/upgrades/firstVersion';
import { upgradesFrom } from '../domain/upgrades/upgradeRecords';
import {
  locateFaults,
  parseJson,
  pathSegments,
  type Fault,
  type FileProblem,
} from './jsonProblems';
import { quickCheck } from './quickCheck';
import { broughtWithin, wholeFaults } from './wholeFaults';
import { recordFaults, type RecordFault } from './recordFaults';

/** The whole data of one person as one JSON file. */
export const BUNDLE_FORMAT = 'open-trail';
export const BUNDLE_VERSION = RECORDS_VERSION;

export interface Bundle {
  format: typeof BUNDLE_FORMAT;
  formatVersion: number;
  exportedAt: string;
  records: AllRecords;
}

export type BundleReading =
  | { ok: true; bundle: Bundle }
  /** The first problems, and how many more there are. */
  | { ok: false; problems: FileProblem[]; more: number };

/** So many problems are shown; the rest is counted, up to a number past which nobody mends by hand. */
export const PROBLEMS_SHOWN = 20;
const PROBLEMS_COUNTED = 10_000;

/** Progress is told after every so many records. */
const TOLD_EVERY = 200;

const NOT_OURS = 'this is not an Open Trail file: choose one made by Export';

const headSchema = object({
  format: string().oneOf([BUNDLE_FORMAT], NOT_OURS).required(NOT_OURS),
  formatVersion: number()
    .integer()
    .min(
      FIRST_VERSION,
      'the file was made by a trial version (format ${value}): export it again with a newer one',
    )
    .max(
      BUNDLE_VERSION,
      'the file was made by a newer version (format ${value}): update Open Trail, then import again',
    )
    .required(),
  exportedAt: timestamp(),
  records: mixed().required('the records are missing: the file is cut off, export it again'),
}).noUnknown();

type Loose = Record<string, unknown>;

/** Writes a bundle with one record a line group, so that a problem's line number means something. */
export function writeBundle(records: AllRecords, exportedAt: string): string {
  const bundle: Bundle = {
    format: BUNDLE_FORMAT,
    formatVersion: BUNDLE_VERSION,
    exportedAt,
    records,
  };
  return `${JSON.stringify(bundle, null, 2)}\n`;
}

/**
 * Reads a bundle whole or not at all; every problem names its line, its field and a remedy. Each
 * record is checked in the shape of its own version before it is upgraded, and in the present one
 * after. `onProgress` hears the share that is done.
 */
export function readBundle(text: string, onProgress?: (share: number) => void): BundleReading {
  const parsed = parseJson(text);
  if (!parsed.ok) return { ok: false, problems: [parsed.problem], more: 0 };
  const faults: Fault[] = [];
  let more = 0;
  const found = (place: Fault['path'], own: readonly RecordFault[], as: string): void => {
    for (const { path, message } of own) {
      const field = path && as ? `${as}.${path}` : as || path;
      if (faults.length < PROBLEMS_SHOWN)
        faults.push({ path: [...place, ...pathSegments(path)], field, message });
      else more += 1;
    }
  };
  const refused = (): BundleReading => ({ ok: false, problems: locateFaults(text, faults), more });

  if (!isOurs(parsed.value)) {
    found([], [{ path: 'format', message: NOT_OURS }], '');
    return refused();
  }
  found([], recordFaults(headSchema, withoutRecords(parsed.value as object)), '');
  if (faults.length > 0) return refused();
  const file = parsed.value as Bundle;
  const stores = storesOf(file.records, file.formatVersion, found);
  if (faults.length > 0) return refused();

  const total = Math.max(1, Object.values(stores).flat().length);
  let done = 0;
  const records = {} as Record<StoreName, unknown[]>;
  for (const store of STORE_NAMES) {
    const ids = new Set<unknown>();
    records[store] = (stores[store] ?? []).map((older, i) => {
      if (more > PROBLEMS_COUNTED) return older;
      const { record, faults: own } = presentRecord(store, older, file.formatVersion);
      const { id } = record as Loose;
      const twice = own.length === 0 && ids.has(id);
      const repeated = { path: 'id', message: 'stands twice: remove one of the two records' };
      found(['records', store, i], twice ? [repeated] : own, `${store}[${i}]`);
      ids.add(id);
      done += 1;
      if (done % TOLD_EVERY === 0) onProgress?.(done / total);
      return record;
    });
  }
  if (faults.length > 0) return refused();
  const whole = records as unknown as AllRecords;
  for (const { store, index, faults: own } of wholeFaults(whole))
    found(['records', store, index], own, `${store}[${index}]`);
  if (faults.length > 0) return refused();
  onProgress?.(1);
  return {
    ok: true,
    bundle: { ...file, formatVersion: BUNDLE_VERSION, records: broughtWithin(whole) },
  };
}

function isOurs(file: unknown): boolean {
  return typeof file === 'object' && (file as Loose | null)?.format === BUNDLE_FORMAT;
}

/** The head alone: the records are checked one by one. */
function withoutRecords(file: object): unknown {
  return 'records' in file ? { ...file, records: true } : file;
}

/** The lists of records by store; what is not a list of a known store is a fault. */
function storesOf(
  records: unknown,
  version: number,
  found: (path: Fault['path'], own: RecordFault[], as: string) => void,
): Partial<Record<StoreName, unknown[]>> {
  const newer = new Set(upgradesFrom(version).flatMap(({ newStores }) => newStores));
  if (typeof records !== 'object' || records === null || Array.isArray(records)) {
    found(['records'], [{ path: '', message: 'must be lists of records by kind' }], 'records');
    return {};
  }
  const stores = records as Partial<Record<StoreName, unknown[]>>;
  for (const name of Object.keys(stores)) {
    const known = (STORE_NAMES as readonly string[]).includes(name);
    const message = 'is no kind of record: remove it, or choose a file made by Export';
    if (!known) found(['records', name], [{ path: '', message }], name);
  }
  for (const store of STORE_NAMES.filter((name) => !newer.has(name))) {
    const message = 'must be a list of records: the file is cut off, export it again';
    if (!Array.isArray(stores[store])) found(['records', store], [{ path: '', message }], store);
  }
  return stores;
}

const NEWER_THAN_SAID = `is newer than the file says: set its formatVersion to ${BUNDLE_VERSION}, or export it again`;

/** One record in the present shape, or what refused it on the way there. */
function presentRecord(
  store: StoreName,
  older: unknown,
  version: number,
): { record: unknown; faults: RecordFault[] } {
  let record = older;
  const upgrades = upgradesFrom(version);
  const isOlder = upgrades.some(({ records }) => records[store] && !records[store].keepsShape);
  if (isOlder && quickCheck(RECORD_SCHEMAS[store])(older)) {
    return { record: older, faults: [{ path: '', message: NEWER_THAN_SAID }] };
  }
  for (const { records } of upgrades) {
    const step = records[store];
    if (!step) continue;
    const faults = recordFaults(step.from, record);
    if (faults.length > 0) return { record: record ?? {}, faults };
    record = step.upgrade(record as Loose);
  }
  // Nearly all of a file is sound: what the quick check refuses is gone through again for the words.
  const schema = RECORD_SCHEMAS[store];
  const faults = quickCheck(schema)(record) ? [] : recordFaults(schema, record);
  return { record: record ?? {}, faults };
}
