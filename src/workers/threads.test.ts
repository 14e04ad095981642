/** @jest-environment node */
import { expose } from 'comlink';
import { startLater, threadsOf, type Job } from './threads';

const soon = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** A thread of one function, on a real channel; says how often one was begun and ended. */
function threads(answer: (question: number) => Promise<number>) {
  const count = { begun: 0, ended: 0 };
  const open: MessageChannel[] = [];
  const spawn = (): Worker => {
    count.begun += 1;
    const channel = new MessageChannel();
    open.push(channel);
    channel.port1.start();
    channel.port2.start();
    expose({ ask: answer }, channel.port2);
    const terminate = (): void => {
      count.ended += 1;
      channel.port1.close();
    };
    return Object.assign(channel.port1, { terminate }) as unknown as Worker;
  };
  const close = (): void => open.forEach(({ port1, port2 }) => [port1.close(), port2.close()]);
  const { start, share } = threadsOf<{ ask: typeof answer }>(spawn);
  /** What a browser says of a thread that cannot be started, or that breaks down. */
  const breakDown = (thread: number, message: string): void => {
    open[thread]!.port1.dispatchEvent(Object.assign(new Event('error'), { message }));
  };
  return {
    count,
    close,
    breakDown,
    ask: (question: number) => start((api) => api.ask(question)),
    share: (question: number) => share((api) => api.ask(question)),
  };
}

describe('work in a thread of its own', () => {
  it('goes on in the same thread when the work before it is done', async () => {
    const { ask, count, close } = threads(async (question) => question * 2);
    expect(await ask(3).answer).toBe(6);
    await soon(1);
    expect(await ask(4).answer).toBe(8);
    expect(count).toEqual({ begun: 1, ended: 0 });
    close();
  });

  it('has a thread each where two are asked for at once, and keeps one of them', async () => {
    const { ask, count, close } = threads(async (question) => question * 2);
    const both = [ask(1), ask(2)];
    expect(await Promise.all(both.map(({ answer }) => answer))).toEqual([2, 4]);
    await soon(1);
    expect(count).toEqual({ begun: 2, ended: 1 });
    close();
  });

  it('ends with its thread when it is cancelled, and the next begins a new one', async () => {
    const { ask, count, close } = threads(async (question) => {
      await soon(question === 1 ? 5000 : 0);
      return question;
    });
    ask(1).cancel();
    expect(await ask(2).answer).toBe(2);
    expect(count).toEqual({ begun: 2, ended: 1 });
    close();
  });

  it('fails with what its thread throws', async () => {
    const { ask, close } = threads(() => Promise.reject(new Error('no such edge')));
    await expect(ask(1).answer).rejects.toThrow('no such edge');
    close();
  });
});

describe('a thread that dies', () => {
  const never = () => new Promise<number>(() => undefined);

  it('fails what it was asked, in words, and the next question has another', async () => {
    const { ask, count, close, breakDown } = threads((question) =>
      question === 1 ? never() : Promise.resolve(question),
    );
    const lost = ask(1).answer;
    breakDown(0, 'cannot load');
    await expect(lost).rejects.toThrow(/broke down.*cannot load/);
    expect(await ask(2).answer).toBe(2);
    expect(count.begun).toBe(2);
    close();
  });

  it('is not kept idle for the next, and fails all who share it', async () => {
    const { ask, share, close, breakDown } = threads((question) =>
      question < 0 ? never() : Promise.resolve(question),
    );
    expect(await ask(1).answer).toBe(1);
    await soon(1);
    breakDown(0, '');
    expect(await ask(2).answer).toBe(2);
    const both = [share(-1), share(-2)];
    breakDown(2, '');
    for (const lost of both) await expect(lost).rejects.toThrow('broke down');
    expect(await share(3)).toBe(3);
    close();
  });
});

describe('work that waits until things are still', () => {
  const counted = () => {
    const count = { begun: 0, cancelled: 0 };
    const start = (): Job<string> => {
      count.begun += 1;
      return { answer: Promise.resolve('done'), cancel: () => (count.cancelled += 1) };
    };
    return { count, start };
  };

  it('begins after the wait and answers', async () => {
    const { count, start } = counted();
    const { answer } = startLater(5, start);
    expect(count.begun).toBe(0);
    expect(await answer).toBe('done');
    expect(count).toEqual({ begun: 1, cancelled: 0 });
  });

  it('is never begun where it is cancelled before, and is stopped where it is under way', async () => {
    const { count, start } = counted();
    startLater(5, start).cancel();
    await soon(20);
    expect(count).toEqual({ begun: 0, cancelled: 0 });
    const job = startLater(0, start);
    await job.answer;
    job.cancel();
    expect(count).toEqual({ begun: 1, cancelled: 1 });
  });

  it('fails as its work fails', async () => {
    const failing = (): Job<never> => ({
      answer: Promise.reject(new Error('no room')),
      cancel: () => {},
    });
    await expect(startLater(0, failing).answer).rejects.toThrow('no room');
  });
});
