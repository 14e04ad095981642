/** Front door of the stored data. */
export { createStore, openStore, type Store } from './store';
export { StoreProvider, useStore, useRecords, useDamagedIds, useOptimistic } from './StoreProvider';
export { loadSample, startEmpty } from './sampleData';
export { defaultSettings } from './defaultSettings';
export type { MergeReport } from './merge';
export { useEdgeNeeds, useSettings, useShelf, useZoneStates } from './useRack';
export { useRecord, type LiveRecord } from './useRecord';
