import type { Experiment } from '../domain/experiment';
import type { LabQuestionId } from './words/labWords';

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
