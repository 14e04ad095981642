export { askStrokes, type LabAnswer, type StrokeAnswer } from './askStrokes';
export {
  labMoment,
  mostReachApex,
  type LabCourse,
  type LabMoment,
  type LabStroke,
} from './labCourse';
export { playedPlan, playedEntry, playSteps, type PlayedWork } from './playSteps';
export { edgeByHold } from './edgeByHold';
export { apexSection } from './edgeSection';
export { grindSection } from './grindSection';
export { labEdge, type LabEdge } from './labEdge';
export { sectionReport, type SectionReport } from './sectionReport';
export type { Section, SectionPoint, SectionStroke } from './section';
export { STROKE_QUESTIONS, type DoseOf, type StrokeQuestionId } from './strokeQuestions';
export { studyHold, type Quantiles } from './studyHold';
export {
  askCourses,
  COURSE_QUESTIONS,
  type CourseAnswer,
  type CourseQuestionId,
} from './courseQuestions';
export {
  wearOfYears,
  type Habit,
  type HabitYears,
  type ShapeLeft,
  type WearOfYears,
  type YearShape,
} from './wearOfYears';
