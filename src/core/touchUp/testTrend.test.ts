import { passedTest, readGrams } from '../../domain/observation';
import type { EdgeTest, Session } from '../../domain/session';
import { sample } from '../../testing/sample';
import { testTrend } from '.';

const [walked] = sample.sessions.filter(({ steps }) => steps.length > 1);
const after = (test: EdgeTest, strokes: number): EdgeTest => ({ ...test, strokes });

function trend(before: EdgeTest[], tests: EdgeTest[]) {
  const [step] = walked!.steps;
  const session: Session = {
    ...walked!,
    stepIndex: 0,
    before: { tests: before, findings: [] },
    steps: [{ ...step!, tests }],
  };
  return testTrend(session);
}

describe('the trend of tests', () => {
  it('is nothing before the first, and no change with one alone', () => {
    expect(trend([], [])).toBeNull();
    expect(trend([], [passedTest('shaves')])!.change).toBeNull();
  });

  it('of paper goes test by test', () => {
    const before = [passedTest('tears-paper')];
    expect(trend(before, [after(passedTest('slices-paper'), 20)])!.change).toBe('better');
    expect(trend(before, [after(passedTest('tears-paper'), 20)])!.change).toBe('same');
    expect(trend(before, [after(passedTest('blunt'), 20)])!.change).toBe('worse');
  });

  it('of grams never calls a change what is less than the scatter', () => {
    const first = after(readGrams(180), 10);
    expect(trend([], [first, after(readGrams(174), 16)])!.change).toBe('same');
    expect(trend([], [first, after(readGrams(120), 16)])!.change).toBe('better');
    expect(trend([], [first, after(readGrams(260), 16)])!.change).toBe('worse');
  });

  it('takes readings after the same strokes together, and compares places with themselves', () => {
    const three = [150, 158, 146].map((grams) => after(readGrams(grams), 30));
    const one = trend([], [after(readGrams(210), 10), three[0]!])!;
    const all = trend([], [after(readGrams(210), 10), ...three])!;
    expect(all.change).toBe('better');
    expect(all.newest.sdLn).toBeLessThan(one.newest.sdLn);
    const tips = [after(readGrams(120, 'heel'), 10), after(readGrams(200, 'tip'), 10)];
    expect(trend([], tips)!.change).toBeNull();
  });
});
