export { calibrate, OBSERVATION_SD, PRIOR_SD, type Calibration } from './calibrate';
export { hardnessFromLog, withLearnedHardness, type LearnedHardness } from './hardnessFromLog';
