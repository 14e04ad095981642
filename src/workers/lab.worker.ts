import { expose } from 'comlink';
import {
  askStrokes,
  labEdge,
  playSteps,
  STROKE_QUESTIONS,
  type PlayedWork,
  type StrokeAnswer,
  type StrokeQuestionId,
} from '../core/lab';
import type { Experiment } from '../domain/experiment';
import type { PlayedStep } from '../domain/playedStep';
import type { CountScheme } from '../domain/terms';
import type { Tool, Zone } from '../domain/tool';

/** An edge and the hand that works it, so many times over. */
interface LabSetting {
  tool: Tool;
  zone: Zone;
  apexRadiusUm: number;
  experiment: Experiment;
  runs: number;
  seed: number;
}

/** A question to the lab. */
export interface LabRequest extends LabSetting {
  question: StrokeQuestionId;
}

/** Strokes to be played, by the hand of the experiment. */
export interface PlayRequest extends LabSetting {
  steps: PlayedStep[];
  scheme: CountScheme;
}

/** The lab's many sharpenings, in a thread of their own. */
const api = {
  async strokes(asked: LabRequest, onShare: (share: number) => void): Promise<StrokeAnswer> {
    const { question, tool, zone, apexRadiusUm, experiment, runs, seed } = asked;
    const edge = labEdge({ tool, zone, apexRadiusUm });
    return askStrokes({ question, edge, experiment, runs, seed, onShare });
  },
  /** A plan's or an entry's own strokes. */
  async play(asked: PlayRequest, onShare: (share: number) => void): Promise<PlayedWork> {
    const { tool, zone, apexRadiusUm, experiment, ...rest } = asked;
    const edge = labEdge({ tool, zone, apexRadiusUm });
    return playSteps({ edge, hand: experiment.hold, ...rest, onShare });
  },
  /** Every question at once, for the post that they hang on. */
  async post(asked: LabRequest): Promise<StrokeAnswer[]> {
    const { tool, zone, apexRadiusUm, experiment, runs, seed } = asked;
    const edge = labEdge({ tool, zone, apexRadiusUm });
    return STROKE_QUESTIONS.map((question) =>
      askStrokes({ question, edge, experiment, runs, seed }),
    );
  },
};

export type LabWorker = typeof api;

expose(api);
