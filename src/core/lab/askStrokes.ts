import type { Experiment } from '../../domain/experiment';
import { Draws, partOf } from '../random';
import { grindSection } from './grindSection';
import { labRadiusUm } from './apexOf';
import { handStroke, type HandStroke } from './hand';
import { steelMg, stoneFinishUm, type LabEdge } from './labEdge';
import type { Section, SectionStroke } from './section';
import { sectionReport, type SectionReport } from './sectionReport';
import {
  STROKE_QUESTION,
  studyOf,
  type DoseCounts,
  type DoseOf,
  type LabWay,
  type StrokeQuestionId,
} from './strokeQuestions';
import {
  holdRuns,
  leastAngleDeg,
  nominalApexDeg,
  quantiles,
  reachedApex,
  studyHold,
  type HoldRun,
  type HoldRuns,
  type HoldStudy,
  type Quantiles,
  type ReachedApex,
} from './studyHold';

/** What one way of working comes to, over many sharpenings. */
export interface LabCourse extends ReachedApex {
  way: Pick<LabWay, 'experiment'>;
  section: Section;
  /** Nominal angle at its apex (degrees per side), and the radius before (µm). */
  apexAngleDeg: number;
  startUm: number;
  /** Strokes over both sides at which the courses are looked at. */
  at: number[];
  edge: Quantiles[];
  grams: Quantiles[];
  /** Where each sharpening ended. */
  ends: { edge: number[]; grams: number[] };
  /** The strokes of one sharpening that ends in the middle, and what it leaves. */
  strokes: LabStroke[];
  end: LabMoment;
  steelMg: number;
}

export type LabStroke = SectionStroke & HandStroke;

/** An edge in the middle of all sharpenings, after some strokes. */
export interface LabMoment {
  section: Section;
  report: SectionReport;
  isReached: boolean;
  radiusUm: number;
  /** How much shorter the edge has become. */
  shorterUm: number;
}

export interface StrokeAnswer {
  question: StrokeQuestionId;
  before: SectionReport & { grams: number };
  courses: [LabCourse, LabCourse];
  dose: {
    of: DoseOf;
    counts: DoseCounts;
    points: { value: number; result: Quantiles; reachedShare: number }[];
    marks: readonly [number, number];
  };
}

/** Whether most sharpenings reach the apex. */
export function mostReachApex({ reachedShare }: Pick<ReachedApex, 'reachedShare'>): boolean {
  return reachedShare >= MOST;
}
const MOST = 0.5;

/** How often the courses are looked at, and how many sharpenings each point of a dose curve takes. */
const MOMENTS = 20;
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
  const one = courseOf(first, runs, seed, part(0, 1));
  const other = courseOf(second, runs, seed, part(1, 1));
  const points = doses.map((value, i) => {
    const way = dose.at(edge, experiment, value);
    part(2 + DOSE_SHARE * i, DOSE_SHARE)(0);
    return dosePoint(value, dose.counts, studyOf(way, Math.ceil(DOSE_SHARE * runs), seed));
  });
  const start = holdRuns({ ...studyOf(first, 1, seed), at: [0] }).moments[0]![0]!;
  return {
    question,
    before: { ...sectionReport({ section: first.edge.section }), grams: start.grams },
    courses: [one, other],
    dose: {
      of: dose.of,
      counts: dose.counts,
      points,
      marks: dose.marks(edge, experiment),
    },
  };
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

function courseOf(
  way: LabWay,
  runs: number,
  seed: number,
  onShare: (share: number) => void,
): LabCourse {
  const study = studyOf(way, runs, seed);
  const strokes = 2 * study.strokesPerSide;
  const at = [
    ...new Set(Array.from({ length: MOMENTS + 1 }, (_, i) => Math.round((strokes * i) / MOMENTS))),
  ];
  const found = holdRuns({ ...study, at, onShare });
  const drawn = {
    way: { experiment: way.experiment },
    section: study.section,
    apexAngleDeg: nominalApexDeg(study.section),
    startUm: study.startUm,
    strokes: strokesOfRun(study, typicalRun(found)),
  };
  const each = (of: keyof HoldRun) => (moment: HoldRun[]) =>
    quantiles(moment.map((run) => run[of]));
  const end = found.moments.at(-1)!;
  return {
    ...drawn,
    at,
    edge: found.moments.map(each('edgeInclusiveDeg')),
    grams: found.moments.map(each('grams')),
    ends: {
      edge: end.map(({ edgeInclusiveDeg }) => edgeInclusiveDeg),
      grams: end.map(({ grams }) => grams),
    },
    ...reachedApex(found),
    end: labMoment(drawn, strokes),
    steelMg: steelMg(strokes * study.areaMm2, way.edge),
  };
}

/** The edge of a course after so many of its strokes over both sides. */
export function labMoment(
  course: Pick<LabCourse, 'way' | 'section' | 'apexAngleDeg' | 'startUm' | 'strokes'>,
  strokes: number,
): LabMoment {
  const { way, section: before, apexAngleDeg, startUm } = course;
  const ground = grindSection({ section: before, strokes: course.strokes.slice(0, strokes) });
  const { section, recessionMm } = ground;
  const report = sectionReport({ section });
  const isReached = ground.apexReachedAt !== null;
  const finishUm = stoneFinishUm(way.experiment.stone);
  return {
    section,
    report,
    isReached,
    radiusUm: labRadiusUm({ ...report, apexAngleDeg, startUm, finishUm, isReached }),
    shorterUm: 1000 * recessionMm,
  };
}

/** The run whose edge ends nearest to the middle of all. */
function typicalRun({ moments }: HoldRuns): number {
  const end = moments.at(-1)!;
  const middle = quantiles(end.map((run) => run.edgeInclusiveDeg)).p50;
  let found = 0;
  end.forEach((run, i) => {
    const off = Math.abs(run.edgeInclusiveDeg - middle);
    if (off < Math.abs(end[found]!.edgeInclusiveDeg - middle)) found = i;
  });
  return found;
}

/** The strokes of one run of a study, as it drew them. */
function strokesOfRun(study: HoldStudy, run: number): LabStroke[] {
  const { section, strokesPerSide, areaMm2, seed } = study;
  const leastDeg = leastAngleDeg(section);
  const draws = new Draws(partOf(seed, run));
  return Array.from({ length: 2 * strokesPerSide }, (_, i) => ({
    ...handStroke(study, i, leastDeg, draws),
    areaMm2,
  }));
}
