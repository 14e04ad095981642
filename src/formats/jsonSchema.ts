import type {
  SchemaDescription,
  SchemaFieldDescription,
  SchemaInnerTypeDescription,
  SchemaObjectDescription,
} from 'yup';
import { RECORD_SCHEMAS } from '../domain/records';
import { STORE_NAMES } from '../domain/storeNames';
import { BUNDLE_FORMAT, BUNDLE_VERSION } from './bundle';

type JsonSchema = Record<string, unknown>;

/** The published JSON Schema (2020-12) of the bundle file, derived from the record schemas. */
export function bundleJsonSchema(): JsonSchema {
  const records = Object.fromEntries(
    STORE_NAMES.map((store) => [
      store,
      { type: 'array', items: fromDescription(RECORD_SCHEMAS[store].describe()) },
    ]),
  );
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Open Trail data file',
    description:
      'All records of one person. Lengths in mm, particle sizes and apex radii in µm, angles in degrees per side, forces in N, masses in g, times in ISO 8601 UTC. Rules between fields (a zone ends beyond its start, a micro-bevel is steeper than its bevel) are checked on import.',
    ...closedObject({
      format: { const: BUNDLE_FORMAT },
      formatVersion: { const: BUNDLE_VERSION },
      exportedAt: { type: 'string', format: 'date-time' },
      records: closedObject(records),
    }),
  };
}

function closedObject(properties: Record<string, unknown>): JsonSchema {
  return {
    type: 'object',
    properties,
    required: Object.keys(properties),
    additionalProperties: false,
  };
}

function fromDescription(field: SchemaFieldDescription): JsonSchema {
  const schema = bare(field);
  const nullable = 'nullable' in field && field.nullable;
  return nullable ? { anyOf: [schema, { type: 'null' }] } : schema;
}

function bare(field: SchemaFieldDescription): JsonSchema {
  switch (field.type) {
    case 'object': {
      const { fields } = field as SchemaObjectDescription;
      const properties = Object.entries(fields).map(([k, f]) => [k, fromDescription(f)] as const);
      const required = Object.keys(fields).filter((name) => fields[name]!.type !== 'mixed');
      return { ...closedObject(Object.fromEntries(properties)), required };
    }
    case 'array': {
      const { innerType, tests } = field as SchemaInnerTypeDescription;
      return {
        type: 'array',
        items: fromDescription(innerType as SchemaFieldDescription),
        ...limits(tests, { min: 'minItems', max: 'maxItems' }),
      };
    }
    case 'string':
      return { type: 'string', ...words(field), ...text(field as SchemaDescription) };
    case 'number':
      return { type: numberType(field as SchemaDescription), ...range(field as SchemaDescription) };
    case 'boolean':
      return { type: 'boolean' };
    case 'mixed':
      // Any value, or none: what a field held before it changed.
      return {};
    default:
      throw new TypeError(`no JSON Schema for a field of type ${field.type}`);
  }
}

type Tests = SchemaDescription['tests'];

function limits(tests: Tests, names: Record<string, string>): JsonSchema {
  return Object.fromEntries(
    tests.flatMap(({ name, params }) =>
      name && name in names ? [[names[name]!, params![name]]] : [],
    ),
  );
}

function words(field: SchemaFieldDescription): JsonSchema {
  const list = ((field as SchemaDescription).oneOf ?? []).filter((word) => word !== null);
  return list.length > 0 ? { enum: list } : {};
}

function text({ tests }: SchemaDescription): JsonSchema {
  const matches = tests.find(({ name }) => name === 'matches')?.params?.regex;
  const isTime = tests.some(({ name }) => name === 'datetime');
  return {
    ...limits(tests, { min: 'minLength', max: 'maxLength' }),
    ...(isTime ? { format: 'date-time' } : {}),
    ...(matches instanceof RegExp ? { pattern: matches.source } : {}),
  };
}

function numberType({ tests }: SchemaDescription): string {
  return tests.some(({ name }) => name === 'integer') ? 'integer' : 'number';
}

function range({ tests }: SchemaDescription): JsonSchema {
  return limits(tests, { min: 'minimum', max: 'maximum' });
}
