export { findingsLeft } from './findingsLeft';
export { pastSession } from './pastSession';
export { plannedSteps, startSession, type StepWords } from './startSession';
export { stepTrouble, type StepTrouble } from './stepTrouble';
export { advance, balance, type GuideEvent } from './advance';
export { inkDue } from './inkDue';
export { stepSeries } from './stepSeries';
export { handInSets, setsOf } from './scheme';
export { BURR_PARTS, burrGaps } from './burrGaps';
