/** Front door of the data as screens follow it: records, and what is computed from them. */
export { useOpening } from './opening';
export { StoreProvider, useStore } from './StoreProvider';
export { useNewestSessions, useRecords, useSessions } from './useRecords';
export { useRecord, type LiveRecord } from './useRecord';
export { useCareActs, type CareActs } from './useCareActs';
export { useForecast, type ShownForecast } from './useForecast';
export { useEdgeNeeds, useTripOut, type TripOut } from './useEdgeNeeds';
export { useBench, useSpotOf, type Whereabouts } from './useBench';
export { useChangeSettings } from './useChangeSettings';
export { useSettings, useShelf } from './useShelf';
export {
  useHand,
  useSettledStandings,
  useStandings,
  NO_USE,
  useSurfaceUse,
  useUnderWay,
  useUnderWayAll,
  useZoneState,
  useZoneStates,
} from './useStandings';
export {
  useLineCount,
  useSessionsBetween,
  useReadToolLog,
  useLogsOf,
  useToolLog,
  useLooks,
  useToolStops,
  useWorkedTools,
  type ToolLog,
} from './useToolLog';
export { useKeepRecord } from './useKeepRecord';
export { useCare } from './useCare';
export { useJob, type JobState } from './useJob';
export { useLabPost, usePlayedStrokes, useStrokeQuestion } from './useLabJobs';
export { useShapesLeft } from './useShapesLeft';
export { useLogAnswers, useTaught } from './useLogAnswers';
export { useNow } from './useNow';
export { usePhotoActs, usePhotos, type PhotoOf } from './usePhotos';
export { useTester } from './useTester';
export { useTripDraft, type TripStep } from './useTripDraft';
export { useBin, useBinActs, type Binned } from './useBin';
export { useChanges, useNames } from './useHistory';
export { useClock } from './useClock';
export { useCopies, useKeepCopies, type Copies } from './useCopies';
export { useLost } from './useLost';
export { useDrafts, type HalfDoneThings } from './useDrafts';
export { useDraftState, type DraftState } from './useDraftState';
export { useOutbox, useSaveState } from './useSaveState';
export { useSetAside } from './useSetAside';
export { useUndoable } from './useUndoable';
export { useUnusable } from './useUnusable';

/** What screens ask of storage and of threads directly. */
export {
  loadSample,
  newOne,
  removedOne,
  noteOil,
  startEmpty,
  tripIdAt,
  type FieldClash,
  type Had,
  type MergeReport,
  type RecordClash,
  type SaveState,
  type SaveWord,
  type Side,
  type Store,
} from '../data';
export { startImport, type ImportJob, type ImportStage } from '../workers/filesClient';
export { makeUpPhoto, openPicture, type OpenPicture } from '../workers/pictureClient';
export { startKits, type KitAsked, type SolvedKits } from '../workers/kitClient';
export { startLater, type Job } from '../workers/threads';
export { startForecast, startTripWhatIf, type ForecastAnswer } from '../workers/tripClient';
export { startCandidateWorth, startThingsWorth } from '../workers/worthClient';
