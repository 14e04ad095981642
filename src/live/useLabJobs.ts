'use client';

import type { PlayedWork, StrokeAnswer } from '../core/lab';
import { startLabPost, startPlay, startStrokeQuestion } from '../workers/labClient';
import type { LabRequest, PlayRequest } from '../workers/labClient';
import { startLater, type Job } from '../workers/threads';
import { useJob, type JobState } from './useJob';

/** A figure that is stepped through is worked out where it comes to rest (ms). */
const REST_MS = 250;

const askedLater = (request: LabRequest, onShare: (share: number) => void): Job<StrokeAnswer> =>
  startLater(REST_MS, () => startStrokeQuestion(request, onShare));
const postLater = (request: LabRequest): Job<StrokeAnswer[]> =>
  startLater(REST_MS, () => startLabPost(request));

/** The answer to a question of the lab, with the ways to stop it and to begin again. */
export function useStrokeQuestion(
  request: LabRequest,
): [JobState<StrokeAnswer>, () => void, () => void] {
  return useJob(request, askedLater);
}

/** The answers to all questions about strokes by fewer sharpenings; empty until they are there. */
export function useLabPost(request: LabRequest): readonly StrokeAnswer[] {
  const [state] = useJob(request, postLater);
  return state.phase === 'done' ? state.answer : NONE;
}

const NONE: readonly StrokeAnswer[] = [];

const playedLater = (
  request: PlayRequest | null,
  onShare: (share: number) => void,
): Job<PlayedWork | null> =>
  request
    ? startLater(REST_MS, () => startPlay(request, onShare))
    : { answer: Promise.resolve(null), cancel: () => {} };

/** Strokes that were planned or made, played many times; nothing where there are none. */
export function usePlayedStrokes(
  request: PlayRequest | null,
): [JobState<PlayedWork | null>, () => void, () => void] {
  return useJob(request, playedLater);
}
