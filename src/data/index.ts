/** Front door of the stored data: what is kept, not how screens follow it. */
export { openStore, type Store } from './store';
export type { Act } from './act';
export type { Repository } from './repository';
export type { MergeReport } from './merge';
export { noteOil } from './noteOil';
export { tripIdAt } from './tripIdAt';
export { defaultSettings } from './defaultSettings';
export { loadSample, loadSampleOnFirstVisit, startEmpty } from './sampleData';
export { reportingFailures, type FailedWrite } from './failedWrites';
export { soundRecords } from './soundRecords';
export { COMPUTED_STORES, findUnusable, type UnusableRecord } from './unusable';
export { standingsTablesIn, type Revisions, type StandingsTable } from './standingsTables';
export type { KeptStandings } from './snapshot';
