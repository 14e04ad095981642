export { findingsLeft } from './findingsLeft';
export { startSession, type StepWords } from './startSession';
export { advance, balance, latestTests, type GuideEvent } from './advance';
