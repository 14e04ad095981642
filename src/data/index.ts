/** Front door of the stored data. */
export { StoreProvider, useStore, useRecords, useDamagedIds } from './StoreProvider';
export type { Store } from './store';
export { useRecord, type LiveRecord } from './useRecord';
export {
  useBench,
  useEdgeNeeds,
  useHand,
  useSettings,
  useShelf,
  useZoneState,
  useZoneStates,
} from './useRack';
export { useSetAside } from './useSetAside';
export { useUnusable } from './useUnusable';
export type { FailedWrite } from './failedWrites';
export { loadSample, startEmpty } from './sampleData';
export type { MergeReport } from './merge';
