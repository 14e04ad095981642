'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { STROKE_QUESTIONS } from '../../core';
import type { EdgeNeed, LabEdge, StrokeAnswer, StrokeQuestionId } from '../../core';
import type { Experiment } from '../../domain/experiment';
import { useJob, type JobState } from '../../live';
import { startLabPost, startStrokeQuestion } from '../../workers/labClient';
import { startLater, type Job } from '../../workers/threads';
import type { LabRequest } from '../../workers/labRequest';
import { labLink, readLab } from './labAddress';
import { edgeInLab, usualExperiment } from './usualExperiment';

/** Sharpenings of a question that is open, and of those whose answers stand on the post. */
export const RUNS = 2000;
const RUNS_ON_POST = 300;
/** The lab draws the same hands for everybody. */
const SEED = 20_260_101;

export interface Lab {
  need: EdgeNeed;
  edge: LabEdge;
  question: StrokeQuestionId;
  experiment: Experiment;
  usual: Experiment;
  change: (next: { question?: StrokeQuestionId; experiment?: Experiment }) => void;
}

/** The experiment on one edge, held by the address: going back undoes, a link carries it. */
export function useLab(need: EdgeNeed): Lab {
  const query = useSearchParams();
  const edge = useMemo(() => edgeInLab(need), [need]);
  const usual = useMemo(() => usualExperiment(need, edge), [need, edge]);
  const { question, experiment } = readLab(query, usual);
  const change: Lab['change'] = (next) => {
    const link = labLink({
      toolId: need.tool.id,
      zoneId: need.zone.id,
      question: next.question ?? question,
      experiment: next.experiment ?? experiment,
    });
    // The router follows the address; a change of a figure does not move the page.
    window.history[next.question ? 'pushState' : 'replaceState'](null, '', link);
  };
  return { need, edge, question, experiment, usual, change };
}

/** The answer to the open question, worked out in a thread. */
export function useAnswer(lab: Lab): [JobState<StrokeAnswer>, () => void, () => void] {
  return useJob(requestOf(lab, RUNS), askedLater);
}

/** The short answers of all questions, as they come. */
export function usePostAnswers(lab: Lab): readonly StrokeAnswer[] {
  // Every question hangs on the post, whichever is open.
  const request = { ...requestOf(lab, RUNS_ON_POST), question: STROKE_QUESTIONS[0] };
  const [state] = useJob(request, postLater);
  return state.phase === 'done' ? state.answer : [];
}

/** A figure that is stepped through is worked out where it comes to rest (ms). */
const REST_MS = 250;

const askedLater = (request: LabRequest, onShare: (share: number) => void): Job<StrokeAnswer> =>
  startLater(REST_MS, () => startStrokeQuestion(request, onShare));
const postLater = (request: LabRequest): Job<StrokeAnswer[]> =>
  startLater(REST_MS, () => startLabPost(request));

function requestOf({ need, edge, experiment, question }: Lab, runs: number): LabRequest {
  const { tool, zone } = need;
  return { question, tool, zone, apexRadiusUm: edge.startUm, experiment, runs, seed: SEED };
}
