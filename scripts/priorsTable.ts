import { readFileSync, writeFileSync } from 'node:fs';
import { withPriorsTable } from '../src/formats/priorsTable';

/** Writes the constants of the model into its document. */
const MODEL = 'docs/model.md';
writeFileSync(MODEL, withPriorsTable(readFileSync(MODEL, 'utf8')));
