import { TASKS } from '../../domain/tasks';
import { TRIP_TASKS } from '../../domain/tripTasks';
import type { Experiment } from '../../domain/experiment';
import { bevelGrowth } from '../edge';
import {
  bestStropStrokes,
  gramsFromApex,
  stropRadiusUm,
  stropRates,
  stroppedRadiusUm,
} from '../sharpness';
import { sinDeg } from '../trigonometry';
import { CHANGEOVER_MINUTES, workingFace, type WorkingFace } from '../ladder';
import {
  apexRecessionMm,
  BAND_ABOVE_DEG,
  DEFAULT_PACE,
  edgeWear,
  scratchShiftMm,
  workedBand,
} from '../wear';
import { stoneFinishUm, strokeAreaMm2, type LabEdge } from './labEdge';

/** Questions about what comes after the stone: on the strop, at work, over the years. */
export const COURSE_QUESTIONS = ['jump', 'strop', 'finish', 'years'] as const;
export type CourseQuestionId = (typeof COURSE_QUESTIONS)[number];

/** One of two ways, as a course by closed formulas. */
interface LabLine {
  points: { at: number; value: number }[];
  /** Where it is best, or gives out; null where it does not within the course. */
  mark: { at: number; value: number } | null;
}

export interface CourseAnswer {
  question: CourseQuestionId;
  /** What the courses run over, and what they count. */
  over: 'ratio' | 'strokes' | 'hours' | 'touch-ups';
  counts: 'minutes' | 'grams' | 'apexUm' | 'faceMm';
  lines: [LabLine, LabLine];
  /** What is asked of the edge, on the scale of the courses; null where nothing is. */
  level: number | null;
}

const STROP_STROKES = 120;
const STROP_FORCE_N = 4;
const STROP_SIZE_UM = 1;
/** Schools of finish: toothy so many times coarser than the work likes, polished so many times finer. */
const TOOTHY = 3;
const POLISHED = 4;
/** A tool in steady use over three seasons. */
const SEASONS_TOUCH_UPS = 60;
/** How round an edge is when it is touched up again (µm). */
const TIRED_UM = 4;

const POINTS = 60;

function course(most: number, value: (at: number) => number): LabLine['points'] {
  return Array.from({ length: POINTS + 1 }, (_, i) => {
    const at = (most * i) / POINTS;
    return { at, value: value(at) };
  });
}

/** A course question on one edge in one hand. */
export function askCourses(input: {
  question: CourseQuestionId;
  edge: LabEdge;
  experiment: Experiment;
}): CourseAnswer {
  return ANSWERS[input.question](input.edge, input.experiment);
}

const ANSWERS: Record<CourseQuestionId, (edge: LabEdge, experiment: Experiment) => CourseAnswer> = {
  jump: (edge, experiment) => {
    const fineUm = experiment.stone.sizeUm;
    const face = workingFace(edge.tool, edge.zone);
    const removed = (fromUm: number, toUm: number): number =>
      scratchMinutes({ edge, face, experiment, fromUm, toUm });
    const straight = (coarseUm: number): number => removed(coarseUm, fineUm);
    const between = (coarseUm: number): number => {
      const middleUm = Math.sqrt(coarseUm * fineUm);
      return removed(coarseUm, middleUm) + CHANGEOVER_MINUTES + removed(middleUm, fineUm);
    };
    const line = (minutes: (coarseUm: number) => number): LabLine => {
      const points = course(MOST_JUMP - 1, (at) => minutes((1 + at) * fineUm)).map(
        ({ at, value }) => ({ at: 1 + at, value }),
      );
      return { points, mark: points.at(-1)! };
    };
    return {
      question: 'jump',
      over: 'ratio',
      counts: 'minutes',
      lines: [line(between), line(straight)],
      level: null,
    };
  },
  strop: (edge, { stone }) => {
    const line = (backing: 'hard' | 'slack'): LabLine => {
      const keenUm = stroppedRadiusUm({ stropSizeUm: STROP_SIZE_UM, stoneSizeUm: stone.sizeUm });
      const start = { keenUm, burrUm: Math.max(0, stoneFinishUm(stone) - keenUm), roundingUm: 0 };
      const rates = stropRates({
        forceN: STROP_FORCE_N,
        backing,
        surface: 'leather',
        hardnessHrc: edge.hardnessHrc,
        stainless: edge.tool.steel.stainless === 'yes',
        loaded: true,
      });
      const grams = (strokes: number): number =>
        gramsFromApex({ apexRadiusUm: stropRadiusUm({ ...start, ...rates, strokes }) });
      const best = Math.round(bestStropStrokes({ ...start, ...rates }));
      return { points: course(STROP_STROKES, grams), mark: { at: best, value: grams(best) } };
    };
    return {
      question: 'strop',
      over: 'strokes',
      counts: 'grams',
      lines: [line('hard'), line('slack')],
      level: null,
    };
  },
  finish: (edge) => {
    const { zone, hardnessHrc, carbide, apexAngleDeg } = edge;
    const work = zone.work[0];
    const task = TRIP_TASKS.find(({ asks }) => asks === work) ?? TRIP_TASKS[0]!;
    const likes = TASKS.find(({ id }) => id === task.asks)!.finishSizeUm;
    const { umPerHour } = edgeWear(task, { angleDeg: apexAngleDeg, hardnessHrc, carbide });
    const from = (sizeUm: number): number => stoneFinishUm({ sizeUm });
    const hours = (sizeUm: number): number =>
      Math.max(0, (zone.targetApexUm - from(sizeUm)) / umPerHour);
    const [toothy, polished] = [TOOTHY * likes, likes / POLISHED];
    const most = Math.max(1, 1.3 * hours(polished));
    const line = (sizeUm: number): LabLine => ({
      points: course(most, (at) => from(sizeUm) + umPerHour * at),
      mark: { at: hours(sizeUm), value: zone.targetApexUm },
    });
    return {
      question: 'finish',
      over: 'hours',
      counts: 'apexUm',
      lines: [line(polished), line(toothy)],
      level: zone.targetApexUm,
    };
  },
  years: ({ zone }) => {
    const angleDeg = zone.bevelAngleDeg;
    const eachMm = apexRecessionMm({ apexRadiusUm: TIRED_UM, damageDepthMm: 0, angleDeg });
    const whole = zone.shoulderThicknessMm / 2 / sinDeg(angleDeg);
    const grown = (bevelAngleDeg: number, primaryAngleDeg: number, faceWidthMm: number) =>
      course(SEASONS_TOUCH_UPS, (at) => {
        const growth = { bevelAngleDeg, primaryAngleDeg, faceWidthMm, recessionMm: at * eachMm };
        // A band as wide as the bevel is the bevel.
        const { faceWidthMm: grownMm } = bevelGrowth(growth);
        return faceWidthMm < whole ? Math.min(grownMm, whole) : grownMm;
      });
    const line = (points: LabLine['points']): LabLine => ({ points, mark: points.at(-1)! });
    return {
      question: 'years',
      over: 'touch-ups',
      counts: 'faceMm',
      lines: [
        line(grown(angleDeg, zone.primaryAngleDeg, whole)),
        line(grown(angleDeg + BAND_ABOVE_DEG, angleDeg, LEAST_FACE_MM)),
      ],
      level: null,
    };
  },
};

/** Minutes that a stone takes to remove the scratches of the one before, over both sides, in sweeps. */
function scratchMinutes(input: {
  edge: LabEdge;
  face: WorkingFace;
  experiment: Experiment;
  fromUm: number;
  toUm: number;
}): number {
  const { edge, face, experiment, fromUm, toUm } = input;
  const { stone, forceN, strokeLengthMm, hold } = experiment;
  const band = workedBand({
    shiftMm: scratchShiftMm({ sizeUm: fromUm }),
    holdAboveDeg: Math.max(LEAST_WOBBLE_DEG, hold.wobbleDeg),
    faceWidthMm: face.faceWidthMm,
    arcRadiusMm: face.arcRadiusMm,
  });
  const areaMm2 = strokeAreaMm2({
    edge,
    stone: { ...stone, sizeUm: toUm },
    forceN,
    strokeLengthMm,
  });
  // Half of a wobbling hand's strokes fall below the apex: V = 4·L·A.
  return (4 * band.areaPerSideMm2) / areaMm2 / DEFAULT_PACE.sweeps;
}

/** A hand steadier than this is a guide's (degrees). */
const LEAST_WOBBLE_DEG = 0.25;
/** The widest jump that is drawn: so many times as coarse. */
const MOST_JUMP = 12;

/** A band begins as a line. */
const LEAST_FACE_MM = 0.001;
