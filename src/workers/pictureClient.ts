import type { Glint, PhotoPoint } from '../core/measure';
import type {
  GlintRequest,
  KeptPicture,
  PictureWorker,
  RimRequest,
  TraceRequest,
} from './picture.worker';
import { threadsOf } from './threads';

export type { KeptPicture } from './picture.worker';

const threads = threadsOf<PictureWorker>(
  () => new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module' }),
);

/** A picture scaled down as it is kept, without where and when it was taken. Rejects where the file is no picture. */
export function shrinkPicture(file: Blob): Promise<KeptPicture> {
  return threads.start((api) => api.shrink(file)).answer;
}

/** A photo that nobody took, to try the taps on. */
export function makeUpPhoto(): Promise<Blob> {
  return threads.start((api) => api.makeUp()).answer;
}

/** A picture that lines are followed on, in a thread of its own until it is closed. */
export interface OpenPicture {
  trace: (request: TraceRequest) => Promise<PhotoPoint[]>;
  rim: (request: RimRequest) => Promise<PhotoPoint[] | null>;
  glints: (request: GlintRequest) => Promise<Glint[]>;
  close: () => void;
}

export function openPicture(file: Blob): OpenPicture {
  const thread = threads.open();
  const ready = thread.ask((api) => api.hold(file));
  // Whoever asks next is told.
  ready.catch(() => {});
  return {
    trace: (request) => ready.then(() => thread.ask((api) => api.trace(request))),
    rim: (request) => ready.then(() => thread.ask((api) => api.rim(request))),
    glints: (request) => ready.then(() => thread.ask((api) => api.glints(request))),
    close: () => thread.end(),
  };
}
