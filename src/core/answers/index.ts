/** What a log answers, beyond what it teaches the plans. It stands on every chapter of the model. */
export type { CourseEntry, CoursePoint, EdgeCourse } from './edgeCourse';
export type { DamageByAngle } from './damageByAngle';
export type { EarnedGrams } from './earnedGrams';
export type { EdgeStory } from './edgeStory';
export type { Effort } from './effort';
export type { HoldByInk, SideBalance } from './handThroughTime';
export type { EdgeAnswers } from './edgeAnswers';
export { logAnswers, type LogAnswers } from './logAnswers';
export { toolStories } from './toolStories';
export type { PlansMet } from './plansMet';
export { WORK_MARKS, workMark, type WorkMark } from './workMark';
export { upkeepAnswer, type UpkeepAnswer } from './upkeep';
