/** Front door of the stored data: what is kept, not how screens follow it. */
export { openStore, type Store } from './store';
export { openKeptStore, type Had, type KeptStore } from './keeping/openKeptStore';
export type { Repository } from './repository';
export type { MergeReport } from './merge';
export { noteOil } from './noteOil';
export { tripIdAt } from './tripIdAt';
export { defaultSettings } from './defaultSettings';
export { loadSample, loadSampleOnFirstVisit, startEmpty } from './sampleData';
export type { Draft, SideDatabase } from './keeping/sideDatabase';
export { NotSavedError } from './keeping/keptWrite';
export type { Outbox, SaveState, SaveWord } from './keeping/outbox';
export type { Side } from './keeping/clashes';
export { newOne, type Act, type RecordClash, type Written } from './act';
export { fieldChanges, reversed, withChanges, type FieldChange, type FieldClash } from './byField';
export { soundRecords } from './soundRecords';
export { COMPUTED_STORES, findUnusable, type UnusableRecord } from './unusable';
export { standingsTablesIn, type Revisions, type StandingsTable } from './standingsTables';
export type { KeptStandings } from './snapshot';
