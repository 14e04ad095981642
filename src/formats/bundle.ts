import { array, mixed, number, object, string, type ObjectSchema, type ValidationError } from 'yup';
import { timestamp } from '../domain/fields';
import {
  RECORDS_VERSION,
  RECORD_SCHEMAS,
  STORE_NAMES,
  type AllRecords,
  type RecordOf,
  type StoreName,
} from '../domain/records';
import { upgradeRecords } from '../domain/upgrades/upgradeRecords';
import { locateProblem, parseJson, type FileProblem } from './jsonProblems';

/** The whole data of one person as one JSON file. */
export const BUNDLE_FORMAT = 'open-trail';
export const BUNDLE_VERSION = RECORDS_VERSION;

export interface Bundle {
  format: typeof BUNDLE_FORMAT;
  formatVersion: number;
  exportedAt: string;
  records: AllRecords;
}

export type BundleReading = { ok: true; bundle: Bundle } | { ok: false; problems: FileProblem[] };

const headSchema = object({
  format: string()
    .oneOf([BUNDLE_FORMAT], 'this is not an Open Trail file: choose one made by Export')
    .required('this is not an Open Trail file: choose one made by Export'),
  formatVersion: number()
    .integer()
    .min(1)
    .max(
      BUNDLE_VERSION,
      'the file was made by a newer version (format ${value}): update Open Trail, then import again',
    )
    .required(),
  exportedAt: timestamp(),
  records: mixed().required('the records are missing: the file is cut off, export it again'),
}).noUnknown();

/** Schema of a bundle's records, store by store; ids are unique within each. */
const recordsSchema = object(
  Object.fromEntries(
    STORE_NAMES.map((store) => [
      store,
      array(RECORD_SCHEMAS[store] as ObjectSchema<RecordOf<StoreName>>)
        .required()
        .test('unique-ids', '${path} holds the same id twice: remove one of the two', (records) => {
          const ids = (records ?? []).map((record) => record?.id);
          return new Set(ids).size === ids.length;
        }),
    ]),
  ),
).noUnknown() as unknown as ObjectSchema<AllRecords>;

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

/** Reads a bundle whole or not at all; every problem names its line, its field and a remedy. */
export function readBundle(text: string): BundleReading {
  const parsed = parseJson(text);
  if (!parsed.ok) return { ok: false, problems: [parsed.problem] };
  const refused = (error: ValidationError): BundleReading => ({
    ok: false,
    problems: locateProblem(error, parsed),
  });
  try {
    headSchema.validateSync(parsed.value, { strict: true, abortEarly: false });
  } catch (error) {
    return refused(error as ValidationError);
  }
  const file = parsed.value as Bundle;
  const records = upgradeRecords({ ...file.records }, file.formatVersion) as unknown as AllRecords;
  try {
    recordsSchema.validateSync(records, { strict: true, abortEarly: false });
  } catch (error) {
    return refused(error as ValidationError);
  }
  return { ok: true, bundle: { ...file, formatVersion: BUNDLE_VERSION, records } };
}
