export { evidenceOf } from './evidenceOf';
export type { Forgotten } from './forgotten';
export { isCarriedThrough, wasDone, workedSessions } from './finished';
export {
  familyOnShelf,
  handBy,
  handOf,
  lessonsOf,
  plannedHardness,
  statedHardness,
  withHardness,
} from './lessonsOf';
export { FEWEST_PAIRS, learnTester, logByUsualTester, type TesterLearned } from './learnTester';
export { surfaceUse, type SurfaceUse } from './surfaceUse';
export { STEPS_FOLLOWED, stepsDone, taughtOf, type StepDone, type Taught } from './taught';
export { toolEndurance } from './toolEndurance';
export { strokesAWeek, strokesSince } from './surfaceUse';
export { daysDone } from './workEvidence';
