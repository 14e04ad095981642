export { findingsLeft } from './findingsLeft';
export { pastSession, type PastStep } from './pastSession';
export { startSession, type StepWords } from './startSession';
export { stepTrouble, type StepTrouble } from './stepTrouble';
export { advance, balance, latestTests, type GuideEvent } from './advance';
