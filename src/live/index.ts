/** Front door of the data as screens follow it: records, and what is computed from them. */
export { StoreProvider, useStore } from './StoreProvider';
export { useInspections, useRecords, useSessions } from './useRecords';
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
export { useKeepRecord } from './useKeepRecord';
export { useSetAside } from './useSetAside';
export { useUndoable } from './useUndoable';
export { useUnusable } from './useUnusable';
