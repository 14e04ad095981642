export { askStrokes, type LabCourse, type StrokeAnswer } from './askStrokes';
export { edgeSection } from './edgeSection';
export { grindSection, type GroundSection } from './grindSection';
export { geometricRadiusUm, groundRadiusUm } from './apexOf';
export { labEdge, stoneFinishUm, type LabEdge } from './labEdge';
export { sectionReport, type SectionReport } from './sectionReport';
export type { Section, SectionPoint, SectionStroke } from './section';
export {
  STROKE_QUESTIONS,
  type DoseCounts,
  type DoseOf,
  type StrokeQuestionId,
} from './strokeQuestions';
export { studyHold, type HoldStudy, type HoldStudyResult, type Quantiles } from './studyHold';
