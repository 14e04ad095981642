/** Front door of the data as screens follow it: records, and what is computed from them. */
export { useOpening } from './opening';
export { StoreProvider, useStore } from './StoreProvider';
export { useNewestSessions, useRecords, useSessions } from './useRecords';
export { useRecord, type LiveRecord } from './useRecord';
export { useBench } from './useBench';
export { useChangeSettings } from './useChangeSettings';
export { useSettings, useShelf } from './useShelf';
export {
  useEdgeNeeds,
  useHand,
  useSettledStandings,
  useStandings,
  useSurfaceUse,
  useZoneState,
  useZoneStates,
} from './useStandings';
export { useLineCount, useToolLog, type ToolLog } from './useToolLog';
export { useKeepRecord } from './useKeepRecord';
export { useJob, type JobState } from './useJob';
export { useSetAside } from './useSetAside';
export { useUndoable } from './useUndoable';
export { useUnusable } from './useUnusable';
