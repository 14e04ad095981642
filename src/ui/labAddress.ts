import { experimentSchema, type Experiment } from '../domain/experiment';
import { COURSE_QUESTIONS, STROKE_QUESTIONS } from '../core';
import type { LabQuestionId } from './words/labWords';

/** A question about one edge, and what is tried, as they stand in the address of the lab. */
export interface LabAddress {
  question: LabQuestionId;
  experiment: Experiment;
}

/** The questions in the order in which they hang on the post. */
export const LAB_QUESTIONS: readonly LabQuestionId[] = [...STROKE_QUESTIONS, ...COURSE_QUESTIONS];

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
  };
}
