export { planLadder } from './planLadder';
export {
  arcsFrom,
  comparePaths,
  ladderSolver,
  reaches,
  shortestLadder,
  type LadderPath,
  type LadderProblem,
  type LadderState,
} from './shortestLadder';
export {
  KEEN_UP_TO,
  LADDER_RUNGS,
  ladderAtRung,
  lightestLadder,
  LONGEST_MINUTES,
  type RungProblem,
} from './rungLadders';
export { practiceOf, type Practice } from './practice';
export { toolForm, workingFace } from './workingFace';
export { abrasivesAtHand, shelfAbrasives, type Shelf, type ShelfAbrasive } from './shelfAbrasives';
export { whyUnfit } from './whyUnfit';
export { stoneRung, type AbrasiveWork } from './rungs';
export { describeStep } from './describeStep';
export { doneWhen } from './doneWhen';
export type {
  EdgeCondition,
  EdgeTarget,
  LadderAbrasive,
  LadderPlan,
  LadderStep,
  LadderStone,
  LadderStrop,
  WorkingFace,
} from './types';
