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

/** The whole experiment as a link. */
export function labLink(input: {
  toolId: string;
  zoneId: string;
  question?: LabQuestionId;
  experiment?: Experiment;
}): string {
  const { toolId, zoneId, question, experiment } = input;
  const query = new URLSearchParams({ tool: toolId, zone: zoneId });
  if (question) query.set('ask', question);
  if (experiment) {
    const { hold, stone } = experiment;
    query.set('hold', String(hold.angleDeg));
    query.set('wobble', String(hold.wobbleDeg));
    query.set('left', String(hold.leftSteeperDeg));
    query.set('back', String(hold.backSteeperDeg));
    query.set('force', String(experiment.forceN));
    query.set('strokes', String(experiment.strokesPerSide));
    query.set('family', stone.family);
    query.set('um', String(stone.sizeUm));
    query.set('length', String(experiment.strokeLengthMm));
  }
  return `/lab?${query.toString()}`;
}

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
