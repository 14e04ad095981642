import type { EdgeStory, LogAnswers } from '../../core/answers';
import { logTitle, month, percent, storyWords } from './logWords';

const met = (off: number, from: string) => ({ times: 1 + off, off, from });
const nothing: LogAnswers = {
  edges: [],
  plans: null,
  balance: null,
  hold: null,
  earned: [],
  tester: { pairs: [], scale: null },
};

describe('what a log says first', () => {
  it('is how near the plans come, where that has changed', () => {
    const first = met(0.42, '2025-05-24T08:00:00.000Z');
    const closer = { first, latest: met(0.15, '2026-10-03T08:00:00.000Z'), steps: 59 };
    expect(logTitle({ ...nothing, plans: closer }, 38, first.from)).toBe(
      'Plans come closer: 42 % off in May 2025, 15 % now',
    );
    const worse = { ...closer, latest: met(0.6, closer.latest.from) };
    expect(logTitle({ ...nothing, plans: worse }, 38, first.from)).toMatch(/^Plans miss by more/);
  });

  it('is else how even the sides are, and else how much there is', () => {
    const balance = { then: 0.56, now: 0.51, offThen: 0.06, offNow: 0.01, steps: 40 };
    const same = {
      first: met(0.1, '2026-01-01T08:00:00.000Z'),
      latest: met(0.11, '2026-05-01T08:00:00.000Z'),
      steps: 12,
    };
    expect(logTitle({ ...nothing, plans: same, balance }, 38, null)).toBe(
      'Your sides have evened out: 56 to 44 apart at first, 51 to 49 now',
    );
    expect(logTitle(nothing, 1, '2026-03-07T08:00:00.000Z')).toBe('1 entry since March 2026');
    expect(logTitle(nothing, 0, null)).toBe('Log');
  });
});

describe('what is said of an edge', () => {
  const took = (strokesPerSide: number, minutes: number) => ({
    strokesPerSide,
    minutes,
    from: '2026-01-01T08:00:00.000Z',
  });
  const effort = (then: number, now: number): EdgeStory => ({
    kind: 'effort',
    effort: {
      mark: 'fine',
      before: 'slices-paper',
      after: 'shaves',
      entries: 4,
      then: took(then, 4),
      now: took(now, 3),
    },
  });

  it.each<[EdgeStory, string]>([
    [
      { kind: 'stones trend', trend: 'sooner', days: [147, 112, 98, 35, 28] },
      'needs a stone sooner each time: after 147, 112, 98, 35, then 28 days.',
    ],
    [
      { kind: 'stones trend', trend: 'longer', days: [9, 10, 20, 30, 40, 50] },
      'goes longer each time between stones: 10, 20, 30, 40, then 50 days.',
    ],
    [
      { kind: 'lives on the strop', strops: 3, days: 247 },
      'lives on the strop: 3 times in a row, no stone for 247 days.',
    ],
    [
      { kind: 'left alone', days: 282, wasThinned: true },
      'was thinned and then left alone for 282 days.',
    ],
    [{ kind: 'left alone', days: 1, wasThinned: false }, 'was left alone for 1 day.'],
    [{ kind: 'comes back', medianDays: 56, times: 8 }, 'comes back to a stone every 56 days.'],
    [{ kind: 'so far', times: 1, days: 380 }, 'was worked once, last 380 days ago.'],
    [{ kind: 'so far', times: 2, days: 1 }, 'was worked 2 times, last 1 day ago.'],
    [effort(45, 33), 'takes 33 strokes a side where it took 45; 3 min after 4 min.'],
    [
      effort(33, 45),
      'takes 45 strokes a side where it took 33: more than before; 3 min after 4 min.',
    ],
  ])('%o', (story, words) => {
    expect(storyWords(story)).toBe(words);
  });
});

it('shares are whole, and nothing that is there is said to be none', () => {
  expect([0, 0.003, 0.005, 0.126, 1.25].map(percent)).toEqual([
    ...['0 %', 'under 1 %', '1 %', '13 %', '125 %'],
  ]);
  expect(month('2026-02-14T14:00:00.000Z')).toBe('February 2026');
});
