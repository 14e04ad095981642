import type { Table } from './lines';

/** Whatever the standings of all edges follow from. */
const STANDINGS_TABLES = [
  'tools',
  'abrasives',
  'strops',
  'compounds',
  'lubricants',
  'settings',
  'sessionLines',
  'inspectionLines',
  'practices',
] as const satisfies readonly Table[];

export type StandingsTable = (typeof STANDINGS_TABLES)[number];

/** How often each of them has been written; one that is not named never was. */
export type Revisions = Partial<Record<StandingsTable, number>>;

/** Those of some tables that the standings follow from. */
export function standingsTablesIn(tables: Iterable<Table>): StandingsTable[] {
  const given = new Set(tables);
  return STANDINGS_TABLES.filter((table) => given.has(table));
}
