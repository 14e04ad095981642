'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { STROKE_QUESTIONS } from '../../core';
import type { EdgeNeed, LabEdge, PlayedWork, StrokeAnswer, StrokeQuestionId } from '../../core';
import type { LabQuestionId } from '../../ui/words/labWords';
import type { Experiment } from '../../domain/experiment';
import {
  useHand,
  useLabPost,
  usePlayedStrokes,
  useStrokeQuestion,
  type JobState,
} from '../../live';
import { readLab, type PlayedStrokes } from '../../ui/labAddress';
import { labLink } from '../../ui/labLink';
import { useScheme } from '../../ui/useScheme';
import { labControls } from './labControls';
import { edgeInLab, plannedStrokes, usualExperiment } from './usualExperiment';

/** Sharpenings of a question that is open, and of those whose answers stand on the post. */
export const RUNS = 2000;
const RUNS_ON_POST = 300;
/** The lab draws the same hands for everybody. */
const SEED = 20_260_101;

export interface Lab {
  need: EdgeNeed;
  edge: LabEdge;
  question: LabQuestionId;
  experiment: Experiment;
  usual: Experiment;
  /** The strokes that the address brings, else those of the edge's plan; null where a plan has none. */
  played: PlayedStrokes | null;
  change: (next: { question?: LabQuestionId; experiment?: Experiment }) => void;
  /** A step of one of the things that can be changed, from where the address stands: taps may outrun the screen. */
  step: (id: string, way: 'less' | 'more') => void;
}

/** The experiment on one edge, held by the address: going back undoes, a link carries it. */
export function useLab(need: EdgeNeed): Lab {
  const query = useSearchParams();
  const edge = useMemo(() => edgeInLab(need), [need]);
  const hold = useHand()?.learned.hold ?? null;
  const usual = useMemo(() => usualExperiment(need, edge, hold), [need, edge, hold]);
  const asked = useMemo(() => readLab(query, usual), [query, usual]);
  const planned = useMemo(() => plannedStrokes(need), [need]);
  const played = asked.played ?? planned;
  const { experiment } = asked;
  const question = asked.question === 'steps' && !played ? STROKE_QUESTIONS[0] : asked.question;
  const change: Lab['change'] = (next) => {
    const link = labLink({
      toolId: need.tool.id,
      zoneId: need.zone.id,
      question: next.question ?? question,
      experiment: next.experiment ?? experiment,
      played: asked.played,
    });
    // The router follows the address; a change of a figure does not move the page.
    window.history[next.question ? 'pushState' : 'replaceState'](null, '', link);
  };
  const step: Lab['step'] = (id, way) => {
    const present = readLab(new URLSearchParams(window.location.search), usual).experiment;
    const control = labControls(present, usual, edge).find((each) => each.id === id);
    if (control?.[way]) change({ experiment: control[way] });
  };
  return { need, edge, question, experiment, usual, played, change, step };
}

/** The answer to the open question, worked out in a thread. */
export function useAnswer(
  lab: Lab,
  question: StrokeQuestionId,
): [JobState<StrokeAnswer>, () => void, () => void] {
  return useStrokeQuestion(requestOf(lab, question, RUNS));
}

/** The played strokes, over and over by the hand that is tried. */
export function usePlayed(
  { need, edge, experiment }: Lab,
  played: PlayedStrokes | null,
  runs: number = RUNS_ON_POST,
): [JobState<PlayedWork | null>, () => void, () => void] {
  const [scheme] = useScheme();
  const { tool, zone } = need;
  return usePlayedStrokes(
    played && {
      tool,
      zone,
      apexRadiusUm: played.startUm ?? edge.startUm,
      steps: played.steps,
      experiment,
      scheme,
      runs,
      seed: SEED,
    },
  );
}

/** The short answers of all questions, as they come. Every question hangs on the post, whichever is open. */
export function usePostAnswers(lab: Lab): readonly StrokeAnswer[] {
  return useLabPost(requestOf(lab, STROKE_QUESTIONS[0], RUNS_ON_POST));
}

function requestOf({ need, edge, experiment }: Lab, question: StrokeQuestionId, runs: number) {
  const { tool, zone } = need;
  return { question, tool, zone, apexRadiusUm: edge.startUm, experiment, runs, seed: SEED };
}
