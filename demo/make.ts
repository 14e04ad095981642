import { writeFileSync } from 'node:fs';
import { readBundle } from '../src/formats/bundle';
import { sampleFile } from './records';

/** Writes the sample crew's data, checked against the schemas, to `demo/tarrow-ness.json`. */
const text = sampleFile();
const reading = readBundle(text);
if (!reading.ok) throw new Error(JSON.stringify(reading.problems, null, 2));
writeFileSync('demo/tarrow-ness.json', text);
