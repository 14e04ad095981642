import type { Experiment } from '../domain/experiment';
import type { PlayedStep } from '../domain/playedStep';
import type { LabQuestionId } from './words/labWords';

/** The whole experiment as a link. */
export function labLink(input: {
  toolId: string;
  zoneId: string;
  question?: LabQuestionId;
  experiment?: Experiment;
  /** Strokes to play, and the apex that they begin on (µm); as it stands on the rack where nothing is said. */
  played?: { steps: readonly PlayedStep[]; startUm: number | null } | null;
}): string {
  const { toolId, zoneId, question, experiment, played } = input;
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
  if (played) {
    query.set('steps', JSON.stringify(played.steps));
    if (played.startUm !== null) query.set('apex', String(played.startUm));
  }
  return `/lab?${query.toString()}`;
}
