import type { Table } from './lines';

/** Whatever the standings of all edges follow from. */
export const STANDINGS_TABLES = [
  'tools',
  'abrasives',
  'strops',
  'compounds',
  'lubricants',
  'settings',
  'sessionLines',
  'inspectionLines',
] as const satisfies readonly Table[];

export type StandingsTable = (typeof STANDINGS_TABLES)[number];
