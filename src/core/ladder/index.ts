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
export { practiceOf, type Practice } from './practice';
export { bevelFaceWidthMm, toolForm, workingFace } from './workingFace';
export { shelfAbrasives, type Shelf, type ShelfAbrasive } from './shelfAbrasives';
export { whyUnfit } from './whyUnfit';
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
