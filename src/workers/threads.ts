import { wrap, type Remote } from 'comlink';

/** Work under way in a thread of its own: its answer, and the way to stop it. */
export interface Job<T> {
  answer: Promise<T>;
  cancel: () => void;
}

/** One thread, and what is asked of it. */
export interface Thread<Api> {
  /** Rejects with what its answer throws, and where the thread dies under it or has been ended. */
  ask<T>(question: (api: Remote<Api>) => Promise<T>): Promise<T>;
  end(): void;
  isDead(): boolean;
}

/** The threads of one kind of work. */
export interface Threads<Api> {
  /** A thread of one's own, until it is ended. */
  open(): Thread<Api>;
  /** One question in a thread of its own; one idle thread is kept for the next. Cancelling ends the thread. */
  start<T>(question: (api: Remote<Api>) => Promise<T>): Job<T>;
  /** A question to the one thread that all of them share. */
  share<T>(question: (api: Remote<Api>) => Promise<T>): Promise<T>;
}

/**
 * All threads follow one rule: one that cannot be started, or breaks down, fails every question that it was
 * asked, in words, and is never asked again; the next question begins another.
 */
export function threadsOf<Api>(spawn: () => Worker): Threads<Api> {
  let idle: Thread<Api> | null = null;
  let shared: Thread<Api> | null = null;
  const open = (): Thread<Api> => threadOn(spawn);
  return {
    open,
    start(question) {
      const own = idle && !idle.isDead() ? idle : open();
      idle = null;
      const answer = own.ask(question);
      const settle = (): void => {
        if (own.isDead()) return;
        if (idle) own.end();
        else idle = own;
      };
      answer.then(settle, settle);
      return { answer, cancel: () => own.end() };
    },
    share(question) {
      if (!shared || shared.isDead()) shared = open();
      return shared.ask(question);
    },
  };
}

const BROKEN =
  'A thread of the application broke down. Try again; if it does so again, reload the page';

function threadOn<Api>(spawn: () => Worker): Thread<Api> {
  const worker = spawn();
  const api = wrap<Api>(worker);
  const waiting = new Set<(error: Error) => void>();
  let death: Error | null = null;
  const die = (error: Error): void => {
    death ??= error;
    worker.terminate();
    waiting.forEach((fail) => fail(death!));
    waiting.clear();
  };
  worker.addEventListener('error', ({ message }) =>
    die(new Error(message ? `${BROKEN} (${message}).` : `${BROKEN}.`)),
  );
  worker.addEventListener('messageerror', () => die(new Error(`${BROKEN}.`)));
  return {
    ask: <T>(question: (remote: Remote<Api>) => Promise<T>) =>
      new Promise<T>((resolve, reject) => {
        if (death) return reject(death);
        waiting.add(reject);
        const done = (): void => void waiting.delete(reject);
        question(api).then(resolve, reject).finally(done);
      }),
    // Nobody waits for what was cancelled: its answer stays open, as it always was.
    end() {
      death ??= new Error('The work was stopped.');
      waiting.clear();
      worker.terminate();
    },
    isDead: () => death !== null,
  };
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
