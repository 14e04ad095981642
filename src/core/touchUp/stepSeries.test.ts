import { passedTest, readGrams } from '../../domain/observation';
import type { Session } from '../../domain/session';
import { advance, burrGaps, inkDue, stepSeries, type GuideEvent } from '.';
import { analyseStropSeries } from '../sharpness';
import { sample } from '../../testing/sample';

const at = (seconds: number): string => new Date(1_700_000_000_000 + seconds * 1000).toISOString();

type Act = GuideEvent extends infer E ? (E extends unknown ? Omit<E, 'at'> : never) : never;

/** A session of the sample on two surfaces, begun anew. */
function begun(): Session {
  const walked = sample.sessions.find(({ steps }) => steps.some(({ kind }) => kind === 'strop'))!;
  const fresh = {
    left: 0,
    right: 0,
    activeSeconds: 0,
    tests: [],
    inkChecks: [],
    burrWalks: [],
    finishedAt: null,
  };
  const stone = walked.steps.find(({ kind }) => kind === 'stone') ?? walked.steps[0]!;
  const strop = walked.steps.find(({ kind }) => kind === 'strop')!;
  return {
    ...walked,
    finishedAt: null,
    stepIndex: 0,
    side: 'left',
    before: { tests: [passedTest('tears-paper')], findings: [] },
    steps: [
      { ...stone, kind: 'stone', task: 'restore the apex', ...fresh },
      { ...strop, ...fresh },
      { ...strop, itemId: 'another', ...fresh },
    ],
  };
}

function after(session: Session, ...events: Act[]): Session {
  return events.reduce(
    (present, event, i) => advance(present, { ...event, at: at(i) } as GuideEvent),
    session,
  );
}

const stroke = (count: number): Act => ({ type: 'stroke', count });
const grams = (value: number): Act => ({ type: 'test', reading: readGrams(value) });
const next = (from: number): Act => ({ type: 'next step', from });

describe('the readings of a step', () => {
  it('say after how many strokes over both sides they were taken', () => {
    const session = after(begun(), stroke(10), { type: 'turn over' }, stroke(8), grams(180));
    expect(session.steps[0]!.tests).toEqual([{ ...readGrams(180), strokes: 18 }]);
  });

  it('are one series a surface, from the state in which the edge came to it', () => {
    const session = after(
      begun(),
      ...[stroke(20), grams(230), next(0)],
      ...[stroke(5), grams(190), stroke(5), grams(160), next(1)],
      ...[stroke(4), grams(150)],
    );
    expect(stepSeries(session, 0)!.readings).toEqual([
      { strokes: 0, grams: expect.closeTo(50 + 150 * 4 ** 0.8, 6) as number },
      { strokes: 20, grams: 230 },
    ]);
    expect(stepSeries(session, 1)!.readings).toEqual([
      { strokes: 0, grams: 230 },
      { strokes: 5, grams: 190 },
      { strokes: 10, grams: 160 },
    ]);
    expect(stepSeries(session, 2)!.readings.map(({ strokes }) => strokes)).toEqual([0, 4]);
  });

  it('begin with the first on the surface where strokes came after the last one before it', () => {
    const session = after(
      begun(),
      stroke(20),
      grams(230),
      stroke(5),
      next(0),
      stroke(5),
      grams(190),
    );
    expect(stepSeries(session, 1)!.readings).toEqual([{ strokes: 5, grams: 190 }]);
    expect(stepSeries(session, 2)).toBeNull();
  });

  it('lead to a verdict, with tests of paper as well as with grams', () => {
    const read = (value: number) => [stroke(10), grams(value)];
    const session = after(
      begun(),
      ...[stroke(20), grams(280), next(0)],
      ...[190, 150, 135, 150, 175, 205].flatMap(read),
    );
    expect(analyseStropSeries(stepSeries(session, 1)!)).toMatchObject({ verdict: 'past-it' });
    const shaves = after(begun(), stroke(5), { type: 'test', reading: passedTest('shaves') });
    expect(stepSeries(shaves, 0)!.noiseGrams).toBeGreaterThan(20);
    expect(analyseStropSeries(stepSeries(shaves, 0)!)).toMatchObject({
      verdict: 'too-few',
      change: 'keener',
    });
  });
});

describe('ink', () => {
  it('is asked for after the first few strokes, and again by what it showed', () => {
    const due = (session: Session): boolean => inkDue(session.steps[session.stepIndex]!);
    const fresh = begun();
    expect(due(after(fresh, stroke(5)))).toBe(false);
    expect(due(after(fresh, stroke(6)))).toBe(true);
    const missed = after(fresh, stroke(6), { type: 'ink', seen: 'left at the edge' });
    expect(due(missed)).toBe(false);
    expect(due(after(missed, stroke(6)))).toBe(true);
    const reached = after(fresh, stroke(6), { type: 'ink', seen: 'gone to the edge' });
    expect(due(after(reached, stroke(6)))).toBe(fresh.steps[0]!.plannedPerSide <= 6);
    expect(due(after(reached, stroke(fresh.steps[0]!.plannedPerSide + 6)))).toBe(true);
    expect(due(after(fresh, stroke(6), next(0), stroke(40)))).toBe(false);
  });
});

describe('a walk along the burr', () => {
  const walk = (...felt: boolean[]): Act => ({ type: 'burr', side: 'right', felt });

  it('stands once for each count and side, as it was last felt', () => {
    const session = after(
      begun(),
      ...[stroke(9), walk(true, false, false), walk(true, true, false)],
      ...[stroke(4), walk(true, true, true)],
    );
    expect(session.steps[0]!.burrWalks).toEqual([
      { strokes: 9, side: 'right', felt: [true, true, false] },
      { strokes: 13, side: 'right', felt: [true, true, true] },
    ]);
  });

  it('names the stretches without one, joined up, from the heel of the edge', () => {
    const zone = { startMm: 20, endMm: 80 };
    const gaps = (...felt: boolean[]) => burrGaps({ felt }, zone);
    expect(gaps(true, true, true)).toEqual([]);
    expect(gaps(false, false, false)).toEqual([zone]);
    expect(gaps(false, true, true, false, false, true)).toEqual([
      { startMm: 20, endMm: 30 },
      { startMm: 50, endMm: 70 },
    ]);
  });
});

describe('a step that is left out', () => {
  it('keeps why, goes on to the next, and is taken up again by going back', () => {
    const skipped = after(begun(), { type: 'skip step', from: 0, reason: 'no time for it' });
    expect(skipped).toMatchObject({ stepIndex: 1, steps: [{ skipped: 'no time for it' }, {}, {}] });
    const again = after(skipped, { type: 'previous step', from: 1 }, stroke(3), next(0));
    expect(again.steps[0]).toMatchObject({ skipped: null, left: 3 });
  });

  it('is named, so that a double tap leaves out one', () => {
    const skip: Act = { type: 'skip step', from: 0, reason: 'it does nothing' };
    expect(after(begun(), skip, skip).stepIndex).toBe(1);
  });

  it('as the last one stays where it is, for the finish', () => {
    const last = after(begun(), next(0), next(1), {
      type: 'skip step',
      from: 2,
      reason: 'the thing is not at hand',
    });
    expect(last).toMatchObject({ stepIndex: 2, finishedAt: null });
    expect(last.steps[2]!.skipped).toBe('the thing is not at hand');
  });
});

describe('another thing in mid-step', () => {
  const swap = (session: Session, from = 0): Act => ({
    type: 'go on with',
    from,
    steps: [{ ...session.steps[2]!, itemId: 'swapped-in' }],
  });
  const items = ({ steps }: Session): string[] => steps.map(({ itemId }) => itemId);

  it('keeps what was done, and puts other steps in the place of the rest', () => {
    const session = begun();
    const after3 = after(session, stroke(3), swap(session));
    expect(items(after3)).toEqual([session.steps[0]!.itemId, 'swapped-in']);
    expect(after3).toMatchObject({ stepIndex: 1, steps: [{ left: 3 }, { left: 0 }] });
    expect(after3.steps[0]!.finishedAt).not.toBeNull();
  });

  it('leaves no trace of a step that was not begun, and is done once by a double tap', () => {
    const session = begun();
    expect(items(after(session, swap(session)))).toEqual(['swapped-in']);
    const twice = after(session, stroke(3), swap(session), swap(session));
    expect(twice.steps).toHaveLength(2);
  });
});
