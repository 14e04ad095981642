export { findingsLeft } from './findingsLeft';
export { startSession, type StepWords } from './startSession';
export { stepTrouble, type StepTrouble } from './stepTrouble';
export { advance, balance, latestTests, type GuideEvent } from './advance';
