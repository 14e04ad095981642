import { writeFileSync } from 'node:fs';
import { bundleJsonSchema } from '../src/formats/jsonSchema';

/** Writes the published JSON Schema of the data file. */
writeFileSync(
  'docs/formats/open-trail-data.schema.json',
  `${JSON.stringify(bundleJsonSchema(), null, 2)}\n`,
);
