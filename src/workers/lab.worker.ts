import { expose } from 'comlink';
import {
  askStrokes,
  labEdge,
  playSteps,
  STROKE_QUESTIONS,
  type PlayedWork,
  type StrokeAnswer,
} from '../core/lab';
import { readLabRequest, readPlayRequest } from './labRequest';

/** The lab's many sharpenings, in a thread of their own. */
const api = {
  async strokes(sent: unknown, onShare: (share: number) => void): Promise<StrokeAnswer> {
    const { question, tool, zone, apexRadiusUm, experiment, runs, seed } = readLabRequest(sent);
    const edge = labEdge({ tool, zone, apexRadiusUm });
    return askStrokes({ question, edge, experiment, runs, seed, onShare });
  },
  /** A plan's or an entry's own strokes. */
  async play(sent: unknown, onShare: (share: number) => void): Promise<PlayedWork> {
    const { tool, zone, apexRadiusUm, experiment, ...rest } = readPlayRequest(sent);
    const edge = labEdge({ tool, zone, apexRadiusUm });
    return playSteps({ edge, hand: experiment.hold, ...rest, onShare });
  },
  /** Every question at once, for the post that they hang on. */
  async post(sent: unknown): Promise<StrokeAnswer[]> {
    const { tool, zone, apexRadiusUm, experiment, runs, seed } = readLabRequest(sent);
    const edge = labEdge({ tool, zone, apexRadiusUm });
    return STROKE_QUESTIONS.map((question) =>
      askStrokes({ question, edge, experiment, runs, seed }),
    );
  },
};

export type LabWorker = typeof api;

expose(api);
