export { surfaceUse, type SurfaceUse } from './surfaceUse';
export { enduranceOf, type Endurance } from './endurance';
export { calibrate } from './calibrate';
export {
  OBSERVATION_SD,
  PRIOR_SD,
  strokesLearned,
  UNTAUGHT_HAND,
  type Learned,
  type LearnedHand,
  type StrokesLearned,
} from './learnedHand';
export {
  learnedPace,
  learnedSteps,
  learnFromLog,
  type FamilyOf,
  type Forgotten,
  type LearnedStep,
} from './learnFromLog';
export { FEWEST_PAIRS, learnTester, logByUsualTester, type TesterLearned } from './learnTester';
export { taughtOf, type Taught } from './taught';
export { hardnessFromLog, withHardness, type LearnedHardness } from './hardnessFromLog';
