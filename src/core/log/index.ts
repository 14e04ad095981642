export { evidenceOf } from './evidenceOf';
export type { Forgotten } from './forgotten';
export { isCarriedThrough, wasDone, workedSessions } from './finished';
export {
  familyOnShelf,
  handBy,
  handOf,
  lessonsOf,
  statedHardness,
  withHardness,
} from './lessonsOf';
export { FEWEST_PAIRS, learnTester, logByUsualTester, type TesterLearned } from './learnTester';
export { surfaceUse, type SurfaceUse } from './surfaceUse';
export { STEPS_FOLLOWED, stepsDone, type StepDone } from './taught';
export { toolEndurance } from './toolEndurance';
export { strokesAWeek, strokesSince } from './surfaceUse';
export { daysDone } from './workEvidence';
export { taughtThings, type TaughtThing } from './taughtThings';
