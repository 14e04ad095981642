'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { notable, wobbleDeg, type LearnedHold } from '../../core/evidence';
import { STROKE_QUESTIONS, labEdge, playedPlan } from '../../core/lab';
import type { EdgeNeed } from '../../core/inspection';
import type { LabEdge, PlayedWork, StrokeAnswer, StrokeQuestionId } from '../../core/lab';
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

/** What the lab tries where no plan says otherwise. */
const USUAL = { sizeUm: 25, forceN: 8, strokesPerSide: 40, strokeLengthMm: 95 } as const;
/** An edge that was never tested is taken for tired (µm). */
const UNTESTED_UM = 4;

/** A plan's count in whole tens, enough to see something and not so many that nothing can be told apart. */
function tens(strokes: number): number {
  return Math.min(200, Math.max(20, 10 * Math.ceil(strokes / 10)));
}

/** An edge of the rack in the lab. */
function edgeInLab({ tool, zone, state }: EdgeNeed): LabEdge {
  return labEdge({ tool, zone, apexRadiusUm: state.apex?.apexRadiusUm ?? UNTESTED_UM });
}

/** The stone that ends an edge's plan, in the person's hand; a medium diamond where it asks for none. */
function usualExperiment(need: EdgeNeed, edge: LabEdge, learned: LearnedHold | null): Experiment {
  const step = need.plan?.steps.findLast(
    ({ abrasive }) => abrasive.kind === 'stone' && abrasive.family !== 'file',
  );
  const stone = step?.abrasive.kind === 'stone' ? step.abrasive : null;
  return {
    hold: {
      angleDeg: edge.apexAngleDeg,
      wobbleDeg: hundredth(wobbleDeg(learned, edge.steadiness)),
      leftSteeperDeg: tenth(leftSteeper(learned)),
      backSteeperDeg: tenth(notable(learned?.backSteeper ?? null)?.value ?? 0),
    },
    forceN: step?.forceN ?? USUAL.forceN,
    strokesPerSide: step ? tens(step.strokesPerSide) : USUAL.strokesPerSide,
    stone: { family: stone?.family ?? 'diamond', sizeUm: stone?.sizeUm ?? USUAL.sizeUm },
    strokeLengthMm: step?.strokeLengthMm ?? USUAL.strokeLengthMm,
  };
}

const hundredth = (deg: number): number => Math.round(100 * deg) / 100;
const tenth = (deg: number): number => Math.round(10 * deg) / 10;

/** How much steeper the left hand holds than the right one, where practice says so. */
function leftSteeper(learned: LearnedHold | null): number {
  const [left, right] = [learned?.hands.left?.steeper, learned?.hands.right?.steeper];
  if (!left || !right) return 0;
  const apart = { value: left.value - right.value, se: Math.hypot(left.se, right.se) };
  return notable(apart)?.value ?? 0;
}

/** The strokes of an edge's plan; null where it needs no stone. */
function plannedStrokes({ zone, plan }: EdgeNeed): PlayedStrokes | null {
  const steps = plan ? playedPlan({ zone, steps: plan.steps }) : [];
  return steps.length > 0 ? { steps, startUm: null } : null;
}
