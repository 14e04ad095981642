import { proxy } from 'comlink';
import type { PlayedWork, StrokeAnswer } from '../core/lab';
import type { LabRequest, LabWorker, PlayRequest } from './lab.worker';
import { threadsOf, type Job } from './threads';

export type { LabRequest, PlayRequest };

const { start } = threadsOf<LabWorker>(
  () => new Worker(new URL('./lab.worker.ts', import.meta.url), { type: 'module' }),
);

/** The answers to all questions by fewer sharpenings, for the post that they hang on. */
export function startLabPost(request: LabRequest): Job<StrokeAnswer[]> {
  return start((api) => api.post(request));
}

/** Thousands of sharpenings that answer one question. */
export function startStrokeQuestion(
  request: LabRequest,
  onShare: (share: number) => void,
): Job<StrokeAnswer> {
  return start((api) => api.strokes(request, proxy(onShare)));
}

/** Many sharpenings by strokes that were planned or made. */
export function startPlay(request: PlayRequest, onShare: (share: number) => void): Job<PlayedWork> {
  return start((api) => api.play(request, proxy(onShare)));
}
