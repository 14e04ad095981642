export { askStrokes, type LabCourse, type StrokeAnswer } from './askStrokes';
export { grindSection } from './grindSection';
export { geometricRadiusUm, groundRadiusUm } from './apexOf';
export { labEdge, stoneFinishUm, type LabEdge } from './labEdge';
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
