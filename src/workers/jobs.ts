import { wrap, type Remote } from 'comlink';

/** Work under way in a thread of its own: its answer, and the way to stop it. */
export interface Job<T> {
  answer: Promise<T>;
  cancel: () => void;
}

/** Work that begins when nothing has stopped it for so long: what changes quickly is not begun each time. */
export function startLater<T>(waitMs: number, start: () => Job<T>): Job<T> {
  let job: Job<T> | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const answer = new Promise<T>((resolve, reject) => {
    timer = setTimeout(() => {
      job = start();
      job.answer.then(resolve, reject);
    }, waitMs);
  });
  return {
    answer,
    cancel: () => {
      clearTimeout(timer);
      job?.cancel();
    },
  };
}

/**
 * Starts jobs on a worker. One idle thread is kept for the next job; cancelling ends the thread, as what
 * it computes cannot be interrupted.
 */
export function jobsOn<Api>(spawn: () => Worker) {
  let idle: { worker: Worker; api: Remote<Api> } | null = null;
  return function start<T>(ask: (api: Remote<Api>) => Promise<T>): Job<T> {
    const running = idle ?? awake(spawn());
    idle = null;
    let cancelled = false;
    const answer = new Promise<T>((resolve, reject) => {
      running.worker.addEventListener('error', (event) => reject(new Error(event.message)), {
        once: true,
      });
      ask(running.api).then(resolve, reject);
    });
    const settle = (): void => {
      if (cancelled) return;
      if (idle) running.worker.terminate();
      else idle = running;
    };
    answer.then(settle, settle);
    return {
      answer,
      cancel: () => {
        cancelled = true;
        running.worker.terminate();
        if (idle === running) idle = null;
      },
    };
  };

  function awake(worker: Worker) {
    return { worker, api: wrap<Api>(worker) };
  }
}
