export { learn, type Lessons } from './learn';
export { calibrate } from './calibrate';
export {
  dullingFactor,
  NOTHING_LEARNED,
  shareLeftOpen,
  strokesLearned,
  UNTAUGHT_HAND,
  type Learned,
  type LearnedDulling,
  type LearnedHand,
  type LearnedHardness,
  type StrokesLearned,
} from './learned';
export { learnHold, practisedPace } from './learnHold';
export { notable, wobbleDeg, type HeldFigure, type LearnedHold } from './heldHand';
export { type Endurance } from './endurance';
export { learnStrokes } from './learn';
export { lnHardness } from './likelihood';
export type { StatedHardness } from './learnHardness';
export type {
  CutterFamily,
  DullingEvidence,
  Evidence,
  LastingEvidence,
  Look,
  PaceEvidence,
  StoneFinish,
  StrokesEvidence,
} from './evidence';
