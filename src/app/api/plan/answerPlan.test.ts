/** @jest-environment node */

/** The limits count over the whole process: each test begins with a fresh one. */
async function fresh() {
  jest.resetModules();
  return (await import('./answerPlan')).answerPlan;
}

const asking = (body: string): Request =>
  new Request('http://here/api/plan/forecast', { method: 'POST', body });
const anything = (message: unknown): unknown => message;

afterEach(() => jest.restoreAllMocks());

describe('a plan that is asked of the server', () => {
  it('is computed from what was read, and kept nowhere', async () => {
    const answer = await (await fresh())(asking('{"a":2}'), anything, (asked) => [asked, Infinity]);
    expect(answer.status).toBe(200);
    expect(answer.headers.get('Cache-Control')).toBe('no-store');
    expect(await answer.json()).toEqual([{ a: 2 }, 'Infinity']);
  });

  it('is refused with the field that is wrong, and where the body is no JSON', async () => {
    const answerPlan = await fresh();
    const { ValidationError } = await import('yup');
    const refuse = (): never => {
      throw new ValidationError('days must be at least 1', 0, 'days');
    };
    const odd = await answerPlan(asking('{}'), refuse, anything);
    expect([odd.status, await odd.json()]).toEqual([
      400,
      { field: 'days', message: 'days must be at least 1' },
    ]);
    const text = await answerPlan(asking('not json'), anything, anything);
    expect(text.status).toBe(400);
  });

  it('is not read to its end where it is too long', async () => {
    const read = jest.fn();
    const huge = await (await fresh())(asking(`"${'x'.repeat(2_000_001)}"`), read, anything);
    expect(huge.status).toBe(413);
    expect(read).not.toHaveBeenCalled();
  });

  it('is given up where it takes too long', async () => {
    const answerPlan = await fresh();
    const slow = await answerPlan(asking('{}'), anything, (_, onProgress) => {
      const now = Date.now();
      jest.spyOn(Date, 'now').mockReturnValue(now + 60_000);
      onProgress();
    });
    expect(slow.status).toBe(503);
  });

  it('waits its turn: two at once, and sixty in a minute', async () => {
    const answerPlan = await fresh();
    let finish = (): void => {};
    const held = new Promise<void>((resolve) => (finish = resolve));
    const running = [1, 2].map(() => answerPlan(asking('{}'), anything, () => held));
    const third = await answerPlan(asking('{}'), anything, anything);
    expect([third.status, third.headers.get('Retry-After')]).toEqual([429, '5']);
    finish();
    expect((await Promise.all(running)).map(({ status }) => status)).toEqual([200, 200]);
    for (let i = 2; i < 60; i += 1) {
      expect((await answerPlan(asking('{}'), anything, () => i)).status).toBe(200);
    }
    expect((await answerPlan(asking('{}'), anything, anything)).status).toBe(429);
    const now = Date.now();
    jest.spyOn(Date, 'now').mockReturnValue(now + 61_000);
    expect((await answerPlan(asking('{}'), anything, anything)).status).toBe(200);
  });

  it('frees its place where it fails', async () => {
    const answerPlan = await fresh();
    const fail = (): never => {
      throw new Error('broken');
    };
    for (let i = 0; i < 3; i += 1) {
      await expect(answerPlan(asking('{}'), anything, fail)).rejects.toThrow('broken');
    }
    expect((await answerPlan(asking('{}'), anything, anything)).status).toBe(200);
  });
});
