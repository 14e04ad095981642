import fc from 'fast-check';
import { calibrate, DEFAULT_PACE, familyOnShelf, handOf, learnedSteps, taughtOf } from '..';
import {
  hardnessFromLog,
  learnFromLog,
  OBSERVATION_SD,
  PRIOR_SD,
  strokesLearned,
  withHardness,
} from '.';
import type { Session } from '../../domain/session';
import { passedTest } from '../../domain/observation';
import type { Tool } from '../../domain/tool';
import { sample } from '../../testing/sample';

const ratio = fc.double({ min: 0.2, max: 5, noNaN: true });
const priors = { priorSd: PRIOR_SD, observationSd: OBSERVATION_SD };

describe('calibration', () => {
  it('moves toward the sessions and narrows: the worked example', () => {
    const { factor, sdLn } = calibrate({ ...priors, ratios: [1.5, 1.8, 1.6] });
    expect(factor).toBeCloseTo(1.55, 2);
    expect(sdLn).toBeCloseTo(0.219, 3);
  });

  it('is the prior as long as nothing is known', () => {
    const { factor, sdLn } = calibrate({ ...priors, ratios: [] });
    expect(factor).toBe(1);
    expect(sdLn).toBeCloseTo(PRIOR_SD, 12);
  });

  it('lies between the prior and the sessions, whatever their order', () => {
    fc.assert(
      fc.property(fc.array(ratio, { minLength: 1, maxLength: 12 }), (ratios) => {
        const { factor, sdLn } = calibrate({ ...priors, ratios });
        expect(factor).toBeGreaterThanOrEqual(Math.min(1, ...ratios) - 1e-9);
        expect(factor).toBeLessThanOrEqual(Math.max(1, ...ratios) + 1e-9);
        expect(sdLn).toBeLessThan(PRIOR_SD);
        const again = calibrate({ ...priors, ratios: [...ratios].reverse() });
        expect(again.factor).toBeCloseTo(factor, 9);
        expect(calibrate({ ...priors, ratios: [...ratios, 1] }).sdLn).toBeLessThan(sdLn);
      }),
    );
  });

  it('refuses what is not a ratio or a spread', () => {
    expect(() => calibrate({ ...priors, ratios: [1, 0] })).toThrow('ratios');
    expect(() => calibrate({ ...priors, priorSd: 0, ratios: [] })).toThrow('priorSd');
    expect(() => calibrate({ ...priors, observationSd: NaN, ratios: [] })).toThrow('observationSd');
  });
});

describe('what a log teaches', () => {
  const familyOf = familyOnShelf(sample);
  const [like] = sample.sessions.filter(
    ({ job, toolId }) => job === 'touch-up' && toolId === 'wren',
  );
  /** A session with one step, done so many times over, on a thing; the later the higher its number. */
  const done = (number: number, times: number, change: Partial<Session> = {}): Session => {
    const at = `2026-03-${String(10 + number)}T10:00:00.000Z`;
    const step = {
      ...like!.steps[0]!,
      itemId: 'pocket-plate/medium',
      plannedPerSide: 90,
      learnedFactor: 1,
      left: Math.round(90 * times),
      right: Math.round(90 * times),
      activeSeconds: 120,
      finishedAt: at,
    };
    const after = { tests: [passedTest('pops-hair')], findings: [] };
    return { ...like!, id: `s${number}`, finishedAt: at, steps: [step], after, ...change };
  };
  const learn = (sessions: Session[], forgotten: { what: string; at: string }[] = []) =>
    learnFromLog({ sessions, familyOf, forgotten, pace: DEFAULT_PACE });
  const onPlate = (sessions: Session[]) =>
    strokesLearned(learn(sessions), { id: 'pocket-plate/medium', family: 'diamond' });

  it('from one step at a third of its plan on: the worked example', () => {
    expect(learn([done(1, 1 / 3)]).families.diamond!.factor).toBeCloseTo(0.437, 3);
    expect(learn([done(1, 1 / 3)]).things).toEqual({});
  });

  it('three at a third teach the fourth', () => {
    const { factor, sdLn, steps, from } = onPlate([1, 2, 3].map((n) => done(n, 1 / 3)));
    expect(factor).toBeLessThan(0.45);
    expect(factor).toBeGreaterThan(1 / 3);
    expect([steps, from]).toEqual([3, 'itself']);
    expect(sdLn).toBeLessThan(0.15);
  });

  it('goes by what the model alone had planned, whatever was known by then', () => {
    const step = { ...done(1, 1).steps[0]!, learnedFactor: 0.5 };
    expect(learnedSteps([done(1, 1, { steps: [step] })], familyOf)[0]!.ratio).toBeCloseTo(0.5, 9);
  });

  it('nothing from steps that were stopped early, not done, or usual counts', () => {
    const blunt = { tests: [passedTest('blunt')], findings: [] };
    const stopped = done(1, 1 / 3, { after: blunt });
    const idle = done(2, 0);
    const open = done(3, 1, { finishedAt: null });
    const counted = done(4, 1);
    const hone = { ...counted.steps[0]!, task: 'lay a turned edge straight' as const };
    const { families, things } = learn([stopped, idle, open, { ...counted, steps: [hone] }]);
    expect([families, things]).toEqual([{}, {}]);
    expect(learnedSteps([stopped], familyOf)[0]!.stoppedEarly).toBe(true);
  });

  it('the pace of each motion', () => {
    const slow = learn([1, 2, 3].map((n) => done(n, 1))).pace[like!.steps[0]!.motion]!;
    expect(slow.factor).toBeGreaterThan(1);
    expect(slow.steps).toBe(3);
  });

  it('is forgotten for one thing, for the pace, or as a whole, and what comes later counts', () => {
    const sessions = [1, 2, 3, 4].map((n) => done(n, 1 / 3));
    const at = sessions[2]!.finishedAt!;
    expect(learn(sessions, [{ what: 'pocket-plate/medium', at }]).families.diamond!.steps).toBe(1);
    expect(learn(sessions, [{ what: 'puck/fine', at }]).families.diamond!.steps).toBe(4);
    expect(learn(sessions, [{ what: 'all', at }]).families.diamond!.steps).toBe(1);
    const paced = learn(sessions, [{ what: 'pace', at }]);
    expect(Object.values(paced.pace)[0]!.steps).toBe(1);
    expect(paced.families.diamond!.steps).toBe(4);
  });

  it('is the same that its page shows, step by step', () => {
    const hand = handOf({ sessions: sample.sessions, shelf: sample, pace: DEFAULT_PACE });
    const steps = learnedSteps(sample.sessions, familyOf);
    for (const [itemId, known] of Object.entries(hand.learned.things)) {
      const { now, course, steps: own } = taughtOf(itemId, familyOf(itemId)!, steps);
      expect(now.factor).toBeCloseTo(known.factor, 9);
      expect(now.sdLn).toBeCloseTo(known.sdLn, 9);
      expect(course.length - 1).toBe(own.filter(({ stoppedEarly }) => !stoppedEarly).length);
    }
    expect(Object.keys(hand.learned.things).length).toBeGreaterThan(3);
  });
});

describe('hardness by the log', () => {
  const parer = sample.tools.find(({ kind }) => kind === 'parer')!;
  const open: Tool = {
    ...parer,
    steel: { ...parer.steel, hardnessLowHrc: 50, hardnessHighHrc: 62, fileBite: null },
  };
  const others = sample.tools.filter(({ id }) => id !== parer.id);
  /** The log of the tool with every stroke on it done so many times over. */
  const worked = (times: number): Session[] =>
    sample.sessions.map((session) =>
      session.toolId === parer.id
        ? {
            ...session,
            steps: session.steps.map((step) => ({
              ...step,
              left: Math.round(times * step.plannedPerSide),
              right: Math.round(times * step.plannedPerSide),
            })),
          }
        : session,
    );
  const learn = (times: number, tool = open) =>
    hardnessFromLog({ tools: [...others, tool], sessions: worked(times) })(tool);

  it('narrows an open range, and never leaves it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 3, noNaN: true }), (times) => {
        const { lowHrc, highHrc, steps } = learn(times)!;
        expect(steps).toBeGreaterThanOrEqual(2);
        expect(lowHrc).toBeGreaterThanOrEqual(50);
        expect(highHrc).toBeLessThanOrEqual(62);
        expect(highHrc - lowHrc).toBeLessThan(12);
      }),
    );
  });

  it('says harder where the same hand needs more strokes', () => {
    expect(learn(2)!.lowHrc).toBeGreaterThan(learn(0.5)!.lowHrc);
    expect(learn(2)!.highHrc).toBeGreaterThanOrEqual(learn(0.5)!.highHrc);
  });

  it('says nothing where the hardness is known, the log short, or the target missed', () => {
    const known = { ...open, steel: { ...open.steel, hardnessHighHrc: 51 } };
    expect(learn(1, known)).toBeNull();
    expect(hardnessFromLog({ tools: [open], sessions: [] })(open)).toBeNull();
    const short = worked(1).map((s) => ({
      ...s,
      after: { tests: [passedTest('blunt')], findings: [] },
    }));
    expect(hardnessFromLog({ tools: [open], sessions: short })(open)).toBeNull();
  });

  it('goes into the plan and leaves the record alone', () => {
    const planned = withHardness(open, learn(0.5));
    expect(planned.steel.hardnessHighHrc).toBeLessThan(62);
    expect(open.steel.hardnessHighHrc).toBe(62);
    expect(withHardness(others[0]!, null)).toBe(others[0]);
  });
});
