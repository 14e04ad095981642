import { proxy } from 'comlink';
import type { StrokeAnswer } from '../core';
import type { LabWorker } from './lab.worker';
import type { LabRequest } from './labRequest';
import { threadsOf, type Job } from './threads';

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
