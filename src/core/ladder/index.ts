export { findLadder, span, type LadderRequest } from './findLadder';
export {
  arcsFrom,
  comparePaths,
  ladderGraph,
  ladderSolver,
  reaches,
  shortestLadder,
  stateKey,
  type LadderPath,
  type LadderProblem,
  type LadderState,
} from './shortestLadder';
export { chooseStrop, reachableGoal } from './chooseLadder';
export { ladderChanges, type LadderChange, type OwnLadderProblem } from './ladderChanges';
export { openDamageWays, takesBand, usualDamageWay } from './damageWays';
export { damageBand, workedParts } from './workedParts';
export { edgeTarget } from './edgeTarget';
export { practiceOf } from './practice';
export { toolForm, workingFace } from './workingFace';
export { handling, strokeLengthMm } from './handling';
export {
  abrasivesAtHand,
  otherFaceId,
  otherFaceName,
  shelfAbrasives,
  type Shelf,
  type ShelfAbrasive,
} from './shelfAbrasives';
export { KEEN_SHARE } from './stropWork';
export { stropOutlooks, type StropOutlook } from './stropOutlook';
export { oneChip } from './oneChip';
export {
  leftUnticked,
  packedShelf,
  shelfAt,
  shelfOfTrip,
  shelfWithin,
  type AtHandTrip,
} from './atHand';
export { mapShelf, shelfThings } from './shelfThings';
export { freshSince } from './freshSince';
export { edgeSections } from './edgeSections';
export { generalHeldWay, heldWay, openHeldWays } from './heldWay';
export { uncomputable } from './uncomputable';
export { whyUnfit } from './whyUnfit';
export { CHANGEOVER_MINUTES, plainStoneWork, type AbrasiveWork, type Hand } from './stoneWork';
export { describeStep, stepWaterMl } from './describeStep';
export { NO_WISHES } from './types';
export type {
  EdgeCondition,
  EdgeTarget,
  HelpfulStone,
  LadderAbrasive,
  Ladder,
  LadderStep,
  LadderStone,
  LadderStrop,
  OwnLadder,
  StepNote,
  Stretch,
  UnfitReason,
  WorkingFace,
} from './types';
