import { act, renderHook, waitFor } from '@testing-library/react';
import type { Job } from '../workers/threads';
import { useJob } from './useJob';

/** Jobs that are finished by hand, in the order in which they were started. */
function bench() {
  const started: {
    value: unknown;
    progress: (share: number) => void;
    finish: (answer: string) => void;
    fail: (error: Error) => void;
    cancelled: boolean;
  }[] = [];
  const start = (value: unknown, onProgress: (share: number) => void): Job<string> => {
    let finish = (_: string): void => {};
    let fail = (_: Error): void => {};
    const answer = new Promise<string>((resolve, reject) => {
      [finish, fail] = [resolve, reject];
    });
    const job = { value, progress: onProgress, finish, fail, cancelled: false };
    started.push(job);
    return { answer, cancel: () => (job.cancelled = true) };
  };
  return { started, start };
}

const show = (first: unknown) => {
  const { started, start } = bench();
  const hook = renderHook(({ value }) => useJob(value, start), { initialProps: { value: first } });
  const state = () => hook.result.current[0];
  const stop = () => act(() => hook.result.current[1]());
  const again = () => act(() => hook.result.current[2]());
  return { ...hook, started, state, stop, again };
};

it('works on a value once, says how far it is, and has its answer', async () => {
  const { started, state, rerender } = show({ grams: 60 });
  expect(state()).toEqual({ phase: 'working', share: 0 });
  act(() => started[0]!.progress(0.4));
  expect(state()).toEqual({ phase: 'working', share: 0.4 });
  rerender({ value: { grams: 60 } });
  expect(started).toHaveLength(1);
  started[0]!.finish('a kit');
  await waitFor(() => expect(state()).toEqual({ phase: 'done', answer: 'a kit' }));
  expect(started[0]!.cancelled).toBe(false);
});

it('stops the work on a value that has changed, and never shows its answer', async () => {
  const { started, state, rerender } = show({ grams: 60 });
  rerender({ value: { grams: 80 } });
  expect(started.map(({ cancelled }) => cancelled)).toEqual([true, false]);
  started[0]!.finish('of old');
  started[1]!.finish('of now');
  await waitFor(() => expect(state()).toEqual({ phase: 'done', answer: 'of now' }));
  act(() => started[0]!.progress(0.9));
  expect(state()).toEqual({ phase: 'done', answer: 'of now' });
});

it('is stopped and begun again by hand', async () => {
  const { started, state, stop, again } = show('a value');
  stop();
  expect(started[0]!.cancelled).toBe(true);
  expect(state()).toEqual({ phase: 'cancelled' });
  act(() => started[0]!.progress(0.5));
  expect(state()).toEqual({ phase: 'cancelled' });
  again();
  expect(started).toHaveLength(2);
  expect(state()).toEqual({ phase: 'working', share: 0 });
  started[1]!.finish('in the end');
  await waitFor(() => expect(state()).toEqual({ phase: 'done', answer: 'in the end' }));
});

it('says what failed, and stops nothing that is over', async () => {
  const { started, state, stop, unmount } = show('a value');
  started[0]!.fail(new Error('no room'));
  await waitFor(() => expect(state().phase).toBe('failed'));
  stop();
  unmount();
  expect(started[0]!.cancelled).toBe(false);
  expect(state()).toMatchObject({ phase: 'failed', error: { message: 'no room' } });
});

it('stops its work when the screen goes', () => {
  const { started, unmount } = show('a value');
  unmount();
  expect(started[0]!.cancelled).toBe(true);
});
