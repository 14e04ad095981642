export { findingsLeft } from './findingsLeft';
export { startSession } from './startSession';
export { advance, balance, latestTests, type GuideEvent } from './advance';
