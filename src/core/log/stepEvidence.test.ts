import { DEFAULT_PACE } from '../wear';
import { familyOnShelf, handOf } from '.';
import { loggedSession, type LoggedSession, type LoggedStep } from '../../domain/loggedSession';
import { passedTest } from '../../domain/observation';
import { sample } from '../../testing/sample';
import { plannedHardness } from './toolHardness';
import { evidenceOf } from './evidenceOf';
import { isCarriedThrough } from './finished';
import { strokesEvidence } from './stepEvidence';
import { stepsDone, taughtOf } from './taught';

const familyOf = familyOnShelf(sample);
const like = loggedSession(
  sample.sessions.find(
    ({ job, toolId, steps }) => job === 'touch-up' && toolId === 'wren' && steps.length > 1,
  )!,
);
const baseline = { strokes: 180, minutes: 4, hardnessHrc: 58, apexUm: 4 };

/** One step on the plate, planned for 90 a side, with so many strokes and looks. */
const worked = (perSide: number, more: Partial<LoggedStep> = {}): LoggedStep => ({
  ...like.steps[0]!,
  itemId: 'pocket-plate/medium',
  task: 'restore the apex',
  plannedPerSide: 90,
  baseline,
  left: perSide,
  right: perSide,
  plannedApexUm: 0.6,
  activeSeconds: 120,
  learnedFactor: 1,
  tests: [],
  inkChecks: [],
  burrWalks: [],
  skipped: null,
  ...more,
});
const session = (step: LoggedStep, more: Partial<LoggedSession> = {}): LoggedSession => ({
  ...like,
  targetApexUm: 1,
  before: { tests: [passedTest('tears-paper')], findings: [] },
  after: { tests: step.tests, findings: [] },
  steps: [step],
  ...more,
});
const tested = (strokes: number, test: Parameters<typeof passedTest>[0]) => ({
  ...passedTest(test),
  strokes,
});
const looksOf = (entry: LoggedSession) => strokesEvidence(entry, familyOf)[0]?.looks;

describe('what a step is evidence of', () => {
  it('its looks, in their order, up to the first that says yes', () => {
    const step = worked(80, {
      burrWalks: [
        { strokes: 120, side: 'left', felt: [true, true] },
        { strokes: 60, side: 'left', felt: [true, false] },
      ],
      inkChecks: [
        { strokes: 20, seen: 'left at the edge' },
        { strokes: 30, seen: 'gone to the edge' },
      ],
      tests: [tested(160, 'shaves')],
    });
    expect(looksOf(session(step))).toEqual([
      { count: 20, says: 'no', by: 'sign' },
      { count: 60, says: 'no', by: 'sign' },
      { count: 120, says: 'yes', by: 'sign' },
    ]);
  });

  it('its own end where the hand stopped unlike the plan and the test agrees, a bound where it is the plan’s', () => {
    const end = (perSide: number, test: Parameters<typeof passedTest>[0]) =>
      looksOf(session(worked(perSide, { tests: [tested(2 * perSide, test)] })));
    expect(end(30, 'push-cuts-newsprint')).toEqual([{ count: 60, says: 'done', by: 'test' }]);
    expect(end(90, 'push-cuts-newsprint')).toEqual([{ count: 180, says: 'yes', by: 'test' }]);
    expect(end(30, 'tears-paper')).toEqual([{ count: 60, says: 'no', by: 'test' }]);
  });

  it('what was stopped after a look that said no says no at its end as well', () => {
    const step = worked(50, {
      burrWalks: [{ strokes: 60, side: 'left', felt: [false, false] }],
    });
    const blunt = { after: { tests: [passedTest('tears-paper')], findings: [] } };
    expect(looksOf(session(step, blunt))).toEqual([
      { count: 60, says: 'no', by: 'sign' },
      { count: 100, says: 'no', by: 'sign' },
    ]);
  });

  it('nothing without a look, without a baseline, left out, or begun untested or sharp', () => {
    const step = worked(30, { tests: [tested(60, 'shaves')] });
    const none = (entry: LoggedSession) => expect(looksOf(entry)).toBeUndefined();
    none(session(worked(30)));
    none(session({ ...step, baseline: null }));
    none(session({ ...step, skipped: 'the thing is not at hand' }));
    none(session(step, { before: { tests: [], findings: [] } }));
    none(session(step, { before: { tests: [passedTest('shaves')], findings: [] } }));
    expect(looksOf(session(step))).toBeDefined();
  });

  it('goes by what the model alone had counted, whatever was known by then', () => {
    const tests = [tested(60, 'shaves')];
    const [plain] = strokesEvidence(session(worked(30, { tests })), familyOf);
    const [taught] = strokesEvidence(
      session(worked(30, { tests, learnedFactor: 0.5, plannedPerSide: 45 })),
      familyOf,
    );
    expect(taught!.predicted).toBe(plain!.predicted);
    // One named test before: ±0.35 in ln r is twice that in strokes.
    expect(plain!.sdLn).toBeCloseTo(Math.hypot(0.4, 0.7), 9);
  });

  it('is the same that its page shows, thing by thing', () => {
    const log = { sessions: sample.sessions.map(loggedSession), shelf: sample, pace: DEFAULT_PACE };
    const { learned } = handOf({ ...log, tools: [] });
    const steps = stepsDone(log.sessions, familyOf);
    const plannedHrc = plannedHardness([], new Map());
    for (const [id, known] of Object.entries(learned.things)) {
      const {
        now,
        course,
        steps: own,
      } = taughtOf({ id, family: familyOf(id)! }, steps, plannedHrc);
      expect(now.factor).toBeCloseTo(known.factor, 6);
      expect(course.length - 1).toBe(own.filter(({ evidence }) => evidence).length);
    }
    expect(Object.keys(learned.things).length).toBeGreaterThan(3);
  });

  it('is forgotten for one thing, for the pace, or as a whole, and what comes later counts', () => {
    const at = (day: number) => `2026-03-1${day}T10:00:00.000Z`;
    const sessions = [1, 2, 3, 4].map((day) =>
      session(worked(30, { tests: [tested(60, 'shaves')] }), {
        id: `s${day}`,
        finishedAt: at(day),
      }),
    );
    const left = (what: string) => {
      const all = evidenceOf({
        tools: [],
        sessions,
        familyOf,
        pace: DEFAULT_PACE,
        forgotten: [{ what, at: '2026-03-13T10:00:00Z' }],
      });
      return ['strokes', 'pace'].map((kind) => all.filter((each) => each.what === kind).length);
    };
    expect(left('pocket-plate/medium')).toEqual([1, 4]);
    expect(left('puck/fine')).toEqual([4, 4]);
    expect(left('pace')).toEqual([4, 1]);
    expect(left('all')).toEqual([1, 1]);
  });
});

describe('a session that was carried through', () => {
  it('reached its target or, untested, did half of every step; three strokes are none', () => {
    const untested = (perSide: number) =>
      session(worked(perSide), { after: { tests: [], findings: [] } });
    expect(isCarriedThrough(untested(3))).toBe(false);
    expect(isCarriedThrough(untested(60))).toBe(true);
    expect(isCarriedThrough(session(worked(30, { tests: [tested(60, 'shaves')] })))).toBe(true);
    expect(isCarriedThrough(session(worked(90, { tests: [tested(180, 'tears-paper')] })))).toBe(
      false,
    );
    expect(isCarriedThrough({ ...untested(60), finishedAt: null })).toBe(false);
  });
});
