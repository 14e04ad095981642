import { sample } from '../../testing/sample';
import { taughtThings } from '../../core/log';
import { fromWords, hundredPlanned, STEPS_DRAWN, taughtTitle } from './taughtThings';

const things = taughtThings({
  sessions: sample.sessions,
  tools: sample.tools,
  shelf: sample,
  hardness: new Map(),
  forgotten: [],
});

describe('what the log has taught', () => {
  it('is told of everything that cuts or strops, the best known first', () => {
    const counts = things.map(({ steps }) => steps.length);
    expect(counts).toEqual([...counts].sort((a, b) => b - a));
    expect(counts[0]).toBeGreaterThan(3);
    const ids = things.map(({ abrasive }) => abrasive.id);
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('has the most and the fewest strokes as its title, from three steps of their own on', () => {
    const [first] = things;
    const told = (name: string, factor: number, own = 4) => ({
      ...first!,
      abrasive: { ...first!.abrasive, name },
      now: { ...first!.now, factor },
      course: Array.from({ length: own + 1 }, () => first!.now),
    });
    expect(taughtTitle([told('puck', 1.45), told('plate', 0.7), told('rod', 1)])).toBe(
      'In your hand the puck takes 45 % more strokes, the plate 30 % fewer than the model plans',
    );
    expect(taughtTitle([told('rod', 1.04)])).toBe('Your hand does what the model plans');
    expect(taughtTitle([told('puck', 2, 2)])).toMatch(/^Your log has taught little yet/);
    expect(taughtTitle([])).toMatch(/^Your log has taught little yet/);
  });

  it('says a factor as a hundred planned strokes, the range by ratio on either side', () => {
    expect(hundredPlanned({ factor: 1.45, sdLn: 0.137 })).toEqual({
      become: 145,
      low: 126,
      high: 166,
    });
  });

  it('draws the latest steps with the factor before the first of them', () => {
    for (const thing of things) {
      const { steps, course } = thing;
      expect(steps.length).toBeLessThanOrEqual(STEPS_DRAWN);
      expect(course.at(-1)).toEqual(thing.now);
      expect(course.length).toBe(1 + steps.filter(({ evidence }) => evidence !== null).length);
    }
  });

  it('counts the sessions behind a figure, or says that its like stand in', () => {
    for (const thing of things) {
      const own = thing.course.length - 1;
      const words = fromWords(thing);
      if (own > 0) expect(words).toMatch(new RegExp(`^${own} session`));
      else expect(words).toMatch(/none/);
    }
  });
});
