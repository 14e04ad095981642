export { startSession } from './startSession';
export { advance, balance, latestTests, type GuideEvent } from './advance';
