import { array } from 'yup';
import { experimentSchema, type Experiment } from '../domain/experiment';
import { measure } from '../domain/fields';
import { playedStepSchema, type PlayedStep } from '../domain/playedStep';
import { COURSE_QUESTIONS, STROKE_QUESTIONS } from '../core/lab';
import type { LabQuestionId } from './words/labWords';

/** Strokes that were planned or made elsewhere, and the apex that they begin on; null as it stands on the rack. */
export interface PlayedStrokes {
  steps: PlayedStep[];
  startUm: number | null;
}

/** No job has more steps on stones. */
const MOST_STEPS = 20;

/** A question about one edge, and what is tried, as they stand in the address of the lab. */
export interface LabAddress {
  question: LabQuestionId;
  experiment: Experiment;
  /** Null where the address brings no strokes of its own. */
  played: PlayedStrokes | null;
}

/** The questions in the order in which they hang on the post. */
export const LAB_QUESTIONS: readonly LabQuestionId[] = [
  ...STROKE_QUESTIONS,
  'steps',
  ...COURSE_QUESTIONS,
  'wear',
];

const stepsSchema = array(playedStepSchema.required()).min(1).max(MOST_STEPS).required();
const startSchema = measure(0.05, 200);

/** What an address asks; what it does not say, or says out of range, is as usual. */
export function readLab(
  query: { get(name: string): string | null },
  usual: Experiment,
): LabAddress {
  const number = (name: string, other: number): number => {
    const said = query.get(name);
    return said === null || said === '' ? other : Number(said);
  };
  const { hold, stone } = usual;
  const asked = {
    hold: {
      angleDeg: number('hold', hold.angleDeg),
      wobbleDeg: number('wobble', hold.wobbleDeg),
      leftSteeperDeg: number('left', hold.leftSteeperDeg),
      backSteeperDeg: number('back', hold.backSteeperDeg),
    },
    forceN: number('force', usual.forceN),
    strokesPerSide: number('strokes', usual.strokesPerSide),
    stone: { family: query.get('family') ?? stone.family, sizeUm: number('um', stone.sizeUm) },
    strokeLengthMm: number('length', usual.strokeLengthMm),
  };
  return {
    question: LAB_QUESTIONS.find((each) => each === query.get('ask')) ?? STROKE_QUESTIONS[0],
    experiment: experimentSchema.isValidSync(asked, { strict: true }) ? asked : usual,
    played: readPlayed(query),
  };
}

function readPlayed(query: { get(name: string): string | null }): PlayedStrokes | null {
  const steps = parsed(query.get('steps'));
  if (!stepsSchema.isValidSync(steps, { strict: true })) return null;
  const startUm = Number(query.get('apex') ?? NaN);
  return { steps, startUm: startSchema.isValidSync(startUm, { strict: true }) ? startUm : null };
}

function parsed(said: string | null): unknown {
  try {
    return JSON.parse(said ?? 'null');
  } catch {
    return null;
  }
}
