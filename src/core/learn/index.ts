export { calibrate, type Calibration } from './calibrate';
export {
  OBSERVATION_SD,
  PRIOR_SD,
  strokesLearned,
  UNTAUGHT_HAND,
  type CutterFamily,
  type Learned,
  type LearnedHand,
  type StrokesLearned,
} from './learnedHand';
export {
  learnedPace,
  learnedSteps,
  learnFromLog,
  ownFactor,
  type FamilyOf,
  type Forgotten,
  type LearnedStep,
} from './learnFromLog';
export { taughtOf, type Taught } from './taught';
export { hardnessFromLog, withHardness, type LearnedHardness } from './hardnessFromLog';
