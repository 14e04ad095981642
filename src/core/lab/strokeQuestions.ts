import type { Experiment, HandHold } from '../../domain/experiment';
import { labEdge, stoneFinishUm, strokeAreaMm2, type LabEdge } from './labEdge';
import type { HoldStudy } from './studyHold';

export const STROKE_QUESTIONS = ['wobble', 'low-high', 'micro', 'force', 'hands', 'angle'] as const;
export type StrokeQuestionId = (typeof STROKE_QUESTIONS)[number];

/** What a dose curve runs over, and what it counts. */
export type DoseOf = 'wobbleDeg' | 'holdDeg' | 'aboveDeg' | 'forceN' | 'leftDeg' | 'groundDeg';
export type DoseCounts = 'edge' | 'grams' | 'reached';

/** A question about strokes: two ways to work one edge, and how the answer changes with the dose. */
export interface StrokeQuestion {
  /** The two ways: the first is the person's own, or the one that is recommended. */
  ways(edge: LabEdge, experiment: Experiment): readonly [LabWay, LabWay];
  dose: {
    of: DoseOf;
    counts: DoseCounts;
    values(edge: LabEdge, experiment: Experiment): readonly number[];
    at(edge: LabEdge, experiment: Experiment, value: number): LabWay;
    /** Where the two ways lie on it. */
    marks(edge: LabEdge, experiment: Experiment): readonly [number, number];
  };
}

/** One way to work an edge: on which section, and by which hand. */
export interface LabWay {
  edge: LabEdge;
  experiment: Experiment;
}

/** How far low and high are held off the bevel, a micro-bevel above it, and a bevel moved (degrees per side). */
const OFF_DEG = 1.5;
const MICRO_DEG = 3;
const MOVED_DEG = 1;
/** The hand that rests on a flat bevel. */
const STEADY_DEG = 0.5;
/** The other hand of one who does not know, and the least that is worth a question (degrees). */
const USUAL_LEFT_DEG = 1;

const STUDY_ORDER = 'alternate';

const held = (experiment: Experiment, hold: Partial<HandHold>): Experiment => ({
  ...experiment,
  hold: { ...experiment.hold, ...hold },
});

const linear = (from: number, to: number, steps: number): number[] =>
  Array.from({ length: steps + 1 }, (_, i) => from + ((to - from) * i) / steps);

/** The flattest and the steepest bevel of an edge (degrees per side). */
const BEVELS_DEG = [5, 55] as const;

/** The edge ground at another bevel angle out of the same steel, held at it. */
function moved(edge: LabEdge, experiment: Experiment, byDeg: number): LabWay {
  const { tool, zone } = edge;
  const least = Math.max(BEVELS_DEG[0], zone.primaryAngleDeg + 1);
  const bevelAngleDeg = Math.min(BEVELS_DEG[1], Math.max(least, zone.bevelAngleDeg + byDeg));
  const turnedDeg = bevelAngleDeg - zone.bevelAngleDeg;
  const microBevel = zone.microBevel && {
    ...zone.microBevel,
    angleDeg: zone.microBevel.angleDeg + turnedDeg,
  };
  const other = labEdge({
    tool,
    zone: { ...zone, bevelAngleDeg, microBevel, facet: null },
    apexRadiusUm: edge.startUm,
  });
  return { edge: other, experiment: held(experiment, { angleDeg: other.apexAngleDeg }) };
}

const rivalLeft = ({ hold }: Experiment): number =>
  hold.leftSteeperDeg === 0 ? USUAL_LEFT_DEG : hold.leftSteeperDeg;

export const STROKE_QUESTION: Record<StrokeQuestionId, StrokeQuestion> = {
  wobble: {
    ways: (edge, experiment) => [
      { edge, experiment },
      {
        edge,
        experiment: held(experiment, {
          wobbleDeg: STEADY_DEG,
          leftSteeperDeg: 0,
          backSteeperDeg: 0,
        }),
      },
    ],
    dose: {
      of: 'wobbleDeg',
      counts: 'edge',
      values: () => linear(0, 3.5, 14),
      at: (edge, experiment, wobbleDeg) => ({ edge, experiment: held(experiment, { wobbleDeg }) }),
      marks: (_, { hold }) => [hold.wobbleDeg, STEADY_DEG],
    },
  },
  'low-high': {
    ways: (edge, experiment) => [
      { edge, experiment: held(experiment, { angleDeg: edge.apexAngleDeg - OFF_DEG }) },
      { edge, experiment: held(experiment, { angleDeg: edge.apexAngleDeg + OFF_DEG }) },
    ],
    dose: {
      of: 'holdDeg',
      counts: 'grams',
      values: ({ apexAngleDeg }) => linear(apexAngleDeg - 3.5, apexAngleDeg + 2.5, 12),
      at: (edge, experiment, angleDeg) => ({ edge, experiment: held(experiment, { angleDeg }) }),
      marks: ({ apexAngleDeg }) => [apexAngleDeg - OFF_DEG, apexAngleDeg + OFF_DEG],
    },
  },
  micro: {
    ways: (edge, experiment) => [
      { edge, experiment: held(experiment, { angleDeg: edge.apexAngleDeg + MICRO_DEG }) },
      { edge, experiment: held(experiment, { angleDeg: edge.apexAngleDeg }) },
    ],
    dose: {
      of: 'aboveDeg',
      counts: 'reached',
      values: () => linear(0, 6, 12),
      at: (edge, experiment, aboveDeg) => ({
        edge,
        experiment: held(experiment, { angleDeg: edge.apexAngleDeg + aboveDeg }),
      }),
      marks: () => [MICRO_DEG, 0],
    },
  },
  force: {
    ways: (edge, experiment) => [
      { edge, experiment },
      { edge, experiment: { ...experiment, forceN: 2 * experiment.forceN } },
    ],
    dose: {
      of: 'forceN',
      counts: 'reached',
      values: () => linear(2, 26, 12),
      at: (edge, experiment, forceN) => ({ edge, experiment: { ...experiment, forceN } }),
      marks: (_, { forceN }) => [forceN, 2 * forceN],
    },
  },
  hands: {
    ways: (edge, experiment) => [
      { edge, experiment: held(experiment, { leftSteeperDeg: rivalLeft(experiment) }) },
      { edge, experiment: held(experiment, { leftSteeperDeg: 0 }) },
    ],
    dose: {
      of: 'leftDeg',
      counts: 'edge',
      values: () => linear(-3, 3, 12),
      at: (edge, experiment, leftSteeperDeg) => ({
        edge,
        experiment: held(experiment, { leftSteeperDeg }),
      }),
      marks: (_, experiment) => [rivalLeft(experiment), 0],
    },
  },
  angle: {
    ways: (edge, experiment) => [
      moved(edge, experiment, -MOVED_DEG),
      moved(edge, experiment, MOVED_DEG),
    ],
    dose: {
      of: 'groundDeg',
      counts: 'edge',
      values: ({ apexAngleDeg }) => linear(apexAngleDeg - 3, apexAngleDeg + 3, 12),
      at: (edge, experiment, groundDeg) => moved(edge, experiment, groundDeg - edge.apexAngleDeg),
      marks: ({ apexAngleDeg }) => [apexAngleDeg - MOVED_DEG, apexAngleDeg + MOVED_DEG],
    },
  },
};

/** A way as a study of many sharpenings. */
export function studyOf({ edge, experiment }: LabWay, runs: number, seed: number): HoldStudy {
  const { hold, strokesPerSide, stone } = experiment;
  return {
    section: edge.section,
    areaMm2: strokeAreaMm2({ edge, ...experiment }),
    strokesPerSide,
    hold,
    order: STUDY_ORDER,
    finishUm: stoneFinishUm(stone),
    startUm: edge.startUm,
    runs,
    seed,
  };
}
