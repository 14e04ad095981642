import { longLog } from '../demo/longLog';
import { RECORD_SCHEMAS } from '../src/domain/records';
import { STORE_NAMES } from '../src/domain/storeNames';
import { readBundle, writeBundle } from '../src/formats/bundle';
import { recordFaults } from '../src/formats/recordFaults';
import { millisecondsEach } from './millisecondsEach';

/** A data file of years, read and checked, against Yup alone over its records. */

const text = writeBundle(longLog({ tools: 40, sessions: 3000 }), '2026-11-23T08:00:00.000Z');
const megabytes = text.length / 1e6;
const { records } = JSON.parse(text);

function byYupAlone(): void {
  for (const store of STORE_NAMES)
    for (const record of records[store])
      if (recordFaults(RECORD_SCHEMAS[store], record).length > 0) throw new Error('a sound record');
}

const readMs = millisecondsEach(() => {
  if (!readBundle(text).ok) throw new Error('a sound file');
}, 3);
const yupMs = millisecondsEach(byYupAlone, 1);
console.log(`A data file of ${megabytes.toFixed(0)} MB`);
console.log(
  `  read and checked                      ${(megabytes / (readMs / 1000)).toFixed(0)} MB/s`,
);
console.log(
  `  checked by Yup alone                  ${(megabytes / (yupMs / 1000)).toFixed(1)} MB/s`,
);
console.log(`  ratio                                 ${(yupMs / readMs).toFixed(0)} times`);
