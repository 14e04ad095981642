import file from '../../demo/tarrow-ness.json';
import type { AllRecords } from '../domain/records';
import { readBundle } from '../formats/bundle';

const reading = readBundle(JSON.stringify(file));
if (!reading.ok) throw new Error(JSON.stringify(reading.problems));

/** The sample crew's records, for tests. */
export const sample: AllRecords = reading.bundle.records;
