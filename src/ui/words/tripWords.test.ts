import fc from 'fast-check';
import type { EdgeForecast, SetAdvice } from '../../core/trip';
import { TRIP_TASKS } from '../../domain/tripTasks';
import { chanceWords, edgeTitle, setWords, spreadWords } from './tripWords';

const none = { strop: 0, stone: 0, file: 0 };

/** A forecast of an edge of which only the chances of its days matter. */
function forecast(days: { midJob?: Partial<typeof none>; evening?: Partial<typeof none> }[]) {
  return {
    days: days.map(({ midJob, evening }, day) => ({
      day,
      midJob: { ...none, ...midJob },
      eveningWork: { ...none, ...evening },
    })),
  } as EdgeForecast;
}

const title = (days: Parameters<typeof forecast>[0]) =>
  edgeTitle('Bracken', forecast(days), (day) => `day ${day + 1}`);

it('a chance is said in tens, and never as less where it is more', () => {
  const nine = 'nine times in ten';
  const order = ['hardly ever', 'one time in ten', nine, nine, 'nearly always'];
  expect([0.02, 0.1, 0.93, 0.96, 0.99].map(chanceWords)).toEqual(order);
  const rank = (chance: number): number => {
    const words = chanceWords(chance);
    const names = 'one two three four five six seven eight nine ten'.split(' ');
    if (words === 'hardly ever') return 0;
    return words === 'nearly always' ? 11 : 1 + names.indexOf(words.split(' ')[0]!);
  };
  const chances = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(chances, chances, (a, b) => {
      if (a <= b) expect(rank(a)).toBeLessThanOrEqual(rank(b));
    }),
  );
});

it('minutes have their middle first and two in three behind it', () => {
  expect(spreadWords({ low: 2.2, median: 4, high: 6.9, mean: 4.4 })).toBe('4 min (2–7)');
  expect(spreadWords({ low: 0, median: 0.2, high: 0.9, mean: 0.3 })).toBe('under 1 min');
});

describe('the message of an edge', () => {
  it('is the heaviest work that comes at least three times in ten, on its likeliest day', () => {
    expect(title([{ evening: { strop: 0.9 } }, { midJob: { file: 0.4 } }])).toBe(
      'Bracken needs the file on day 2, four times in ten',
    );
    expect(title([{ evening: { stone: 0.5 } }, { midJob: { stone: 0.8, file: 0.2 } }])).toBe(
      'Bracken needs a stone on day 2, eight times in ten',
    );
  });

  it('is that nothing comes where nothing is likely', () => {
    expect(title([{ evening: { strop: 0.2 } }])).toBe('Bracken needs nothing out there');
  });
});

describe('a set that gives up before its work', () => {
  const advice = (change: Partial<SetAdvice>): SetAdvice =>
    ({
      edgeId: 'sprig/edge',
      toolId: 'sprig',
      day: 0,
      copies: 2,
      cheaper: 'one more',
      asPlanned: { minutes: 10, belowHours: 0.5 },
      oneMore: { minutes: 12, belowHours: 0.25 },
      oneStopMore: { minutes: 10, belowHours: 0.4 },
      oneMoreSaves: true,
      swapMinutes: 35,
      lasts: { hours: 1.2, taskId: 'fish' },
      ...change,
    }) as SetAdvice;

  const fish = TRIP_TASKS.find(({ id }) => id === 'fish');

  it('says that one more saves only where it does', () => {
    const none = setWords(advice({ oneMoreSaves: false }), 'Sprig', 'Mon 30', undefined);
    expect(none).toContain('1.2 h of work');
    expect(none).toMatch(/one more would save nothing\.$/);
    expect(none).not.toContain('saves most');
  });

  it('says what is cheaper first, and what either way saves and costs', () => {
    expect(setWords(advice({}), 'Sprig', 'Mon 30', fish)).toBe(
      'Swap Sprig at about 35 min; the 2 last about 10 fish. Lay the dull ones apart, for one batch in ' +
        'the evening. The 2 may be dull before the job ends on Mon 30: one more saves most ' +
        '(2 min more work, 15 min less with a dull edge); a touch-up in mid-job: no more work, ' +
        '6 min less with a dull edge.',
    );
    expect(setWords(advice({ cheaper: 'touch-up' }), 'Sprig', 'Mon 30', fish)).toMatch(
      /: a touch-up in mid-job costs least \(no more work, .*\); one more: 2 min more work/,
    );
  });
});
