import type { Experiment } from '../../domain/experiment';
import { courseOf, type LabCourse } from './labCourse';
import { steelMg, type LabEdge } from './labEdge';
import { sectionReport, type SectionReport } from './sectionReport';
import { Sharpening, type EdgeBefore } from './sharpening';
import {
  STROKE_QUESTION,
  studyOf,
  type DoseCounts,
  type DoseOf,
  type LabWay,
  type StrokeQuestionId,
} from './strokeQuestions';
import { seriesOf, studyHold, type HoldStudy, type Quantiles } from './studyHold';

/** Ways of working one edge, beside how it was before. */
export interface LabAnswer {
  before: SectionReport & { grams: number };
  courses: readonly LabCourse[];
}

export interface StrokeAnswer extends LabAnswer {
  question: StrokeQuestionId;
  /** What is tried in either way. */
  ways: [Experiment, Experiment];
  courses: [LabCourse, LabCourse];
  dose: {
    of: DoseOf;
    counts: DoseCounts;
    points: { value: number; result: Quantiles; reachedShare: number }[];
    marks: readonly [number, number];
  };
}

/** How many of the sharpenings each point of a dose curve takes. */
const DOSE_SHARE = 0.2;

/**
 * Answers a question about strokes by `runs` sharpenings in either way. `onShare` is told how much is done.
 */
export function askStrokes(input: {
  question: StrokeQuestionId;
  edge: LabEdge;
  experiment: Experiment;
  runs: number;
  seed: number;
  onShare?: (share: number) => void;
}): StrokeAnswer {
  const { question, edge, experiment, runs, seed, onShare } = input;
  const { ways, dose } = STROKE_QUESTION[question];
  const [first, second] = ways(edge, experiment);
  const doses = dose.values(edge, experiment);
  const of = 2 + DOSE_SHARE * doses.length;
  const part = (done: number, weight: number) => (share: number) =>
    onShare?.((done + weight * share) / of);
  const one = courseOfWay(first, runs, seed, part(0, 1));
  const other = courseOfWay(second, runs, seed, part(1, 1));
  const points = doses.map((value, i) => {
    const way = dose.at(edge, experiment, value);
    part(2 + DOSE_SHARE * i, DOSE_SHARE)(0);
    return dosePoint(value, dose.counts, studyOf(way, Math.ceil(DOSE_SHARE * runs), seed));
  });
  return {
    question,
    before: reportBefore(one),
    ways: [first.experiment, second.experiment],
    courses: [one, other],
    dose: {
      of: dose.of,
      counts: dose.counts,
      points,
      marks: dose.marks(edge, experiment),
    },
  };
}

function courseOfWay(way: LabWay, runs: number, seed: number, onShare: (share: number) => void) {
  const study = studyOf(way, runs, seed);
  const mg = steelMg(2 * study.strokesPerSide * study.areaMm2, way.edge);
  return courseOf(seriesOf(study), mg, onShare);
}

/** What is measured of an edge before any stroke. */
export function reportBefore(edge: EdgeBefore): LabAnswer['before'] {
  const { grams } = new Sharpening(edge, 0).look();
  return { ...sectionReport(edge), grams };
}

function dosePoint(value: number, counts: DoseCounts, study: HoldStudy) {
  const found = studyHold(study);
  const never = { p16: Infinity, p50: Infinity, p84: Infinity };
  const result = {
    edge: found.edgeInclusiveDeg,
    grams: found.grams,
    reached: found.apexReachedAt ?? never,
  }[counts];
  return { value, result, reachedShare: found.reachedShare };
}
