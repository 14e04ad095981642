import fc from 'fast-check';
import { advance, balance, findingsLeft, startSession, type GuideEvent } from '.';
import { NO_PLAN } from '../jobs';
import { findLadder } from '../ladder';
import { sessionSchema, type Session } from '../../domain/session';
import { finding, passedTest } from '../../domain/observation';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';

const at = (seconds: number): string => new Date(1_700_000_000_000 + seconds * 1000).toISOString();

const begun = (): Session =>
  startSession({
    id: 's',
    at: at(0),
    toolId: 'wren',
    zoneId: 'edge',
    job: 'touch-up',
    where: 'field',
    before: { tests: [], findings: [] },
    targetApexUm: 0.8,
    damageWay: null,
    wordsOf: () => ({ doneWhen: ['no glint'], warnings: [] }),
    plan: {
      ...NO_PLAN,
      ...findLadder({
        zone: faceOf('scandi-knife'),
        condition: { apexRadiusUm: 6, damageDepthMm: 0 },
        target: { apexRadiusUm: 0.8 },
        abrasives: [stone(25), strop(1)],
      }),
    },
  });

const run = (session: Session, ...events: GuideEvent[]): Session => events.reduce(advance, session);

const stroke = (seconds: number): GuideEvent => ({ type: 'stroke', at: at(seconds) });

describe('a touch-up in the guide', () => {
  it('starts at the first step with the plan as it was seen', () => {
    const session = begun();
    expect(sessionSchema.isValidSync(session, { strict: true })).toBe(true);
    expect(session.steps.map((s) => s.kind)).toEqual(['stone', 'strop']);
    expect(session.steps[0]!.plannedPerSide).toBeGreaterThan(0);
  });

  it('counts on the side that is up, and takes back', () => {
    const session = run(
      begun(),
      stroke(1),
      stroke(2),
      { type: 'turn over', at: at(3) },
      stroke(4),
      { type: 'take back', at: at(5) },
      { type: 'take back', at: at(6) },
    );
    expect(session.steps[0]).toMatchObject({ left: 2, right: 0 });
    expect(balance(session.steps[0]!)).toBe(2);
  });

  it('measures work, not rests', () => {
    const session = run(begun(), stroke(1), stroke(2), stroke(3600), {
      type: 'pause',
      at: at(3601),
    });
    expect(session.steps[0]!.activeSeconds).toBe(22);
    expect(run(session, stroke(4000)).steps[0]!.activeSeconds).toBe(22);
    expect(run(session, stroke(4000)).pausedAt).toBeNull();
  });

  it('by feel counts the time of its clock from start to pause', () => {
    const tick = (second: number): GuideEvent => ({ type: 'tick', at: at(second) });
    const ran = run(begun(), tick(5), tick(10), tick(13), { type: 'pause', at: at(13) });
    expect(ran.steps[0]!.activeSeconds).toBe(13);
    const rested = run(ran, tick(500), { type: 'resume', at: at(600) }, tick(605));
    expect(rested.steps[0]!.activeSeconds).toBe(18);
    expect(rested.steps[0]).toMatchObject({ left: 0, right: 0 });
  });

  it('keeps a note while it is written', () => {
    const session = run(begun(), { type: 'note', notes: 'Burr at the t', at: at(1) });
    expect(session).toMatchObject({ notes: 'Burr at the t', finishedAt: null });
  });

  it('goes to the next step and back without losing counts', () => {
    const there = run(begun(), stroke(1), { type: 'next step', from: 0, at: at(2) }, stroke(3));
    expect(there.stepIndex).toBe(1);
    expect(run(there, { type: 'next step', from: 1, at: at(4) }).stepIndex).toBe(1);
    const back = run(there, { type: 'previous step', from: 1, at: at(5) });
    expect(back.stepIndex).toBe(0);
    expect(back.steps.map((s) => s.left)).toEqual([1, 1]);
    expect(run(back, { type: 'previous step', from: 0, at: at(6) }).stepIndex).toBe(0);
  });

  it('a double tap and a second tab skip no step', () => {
    const twice: GuideEvent[] = [1, 2].map((s) => ({ type: 'next step', from: 0, at: at(s) }));
    expect(run(begun(), ...twice).stepIndex).toBe(1);
    const back: GuideEvent[] = [3, 4].map((s) => ({ type: 'previous step', from: 1, at: at(s) }));
    expect(run(run(begun(), ...twice), ...back).stepIndex).toBe(0);
  });

  it('ends with its last test and what is still to be seen', () => {
    const reading = passedTest('shaves');
    const chip = finding('chip', 10, 0.1);
    const session = run(
      begun(),
      { type: 'test', reading: passedTest('slices-paper'), at: at(1) },
      { type: 'next step', from: 0, at: at(2) },
      { type: 'test', reading, at: at(3) },
      { type: 'note', notes: 'fin', at: at(3) },
      { type: 'finish', findings: [chip], notes: 'fine', at: at(4) },
    );
    expect(session).toMatchObject({
      finishedAt: at(4),
      after: { tests: [reading], findings: [chip] },
      notes: 'fine',
    });
    expect(run(session, stroke(5))).toBe(session);
  });

  describe('leaves on the strip what its work has not removed', () => {
    const found = (['chip', 'roll', 'burr', 'glint', 'rust', 'ink-left'] as const).map((kind, i) =>
      finding(kind, 10 * i, 0.1),
    );
    const kept = finding('chip', 80, 0.9, { leftOnPurpose: true });
    const worked = begun().steps.map((step) => {
      const perSide = Math.max(9, step.plannedPerSide);
      return { ...step, left: perSide, right: perSide };
    });
    const left = (change: Partial<Session>): string[] =>
      findingsLeft(
        { ...begun(), steps: worked, before: { tests: [], findings: [...found, kept] }, ...change },
        20,
      ).map(({ kind, leftOnPurpose }) => (leftOnPurpose ? 'kept' : kind));
    const grinding = worked.map((step) => ({ ...step, task: 'grind out damage' as const }));

    it('by the job, and by what was ground', () => {
      expect(left({})).toEqual(['chip', 'roll', 'kept']);
      expect(left({ job: 'hone' })).toEqual(['chip', 'kept']);
      expect(left({ steps: grinding })).toEqual(['kept']);
      expect(left({ job: 'spine' })).toHaveLength(found.length + 1);
    });

    it('and all of it where no stroke was made', () => {
      const idle = grinding.map((step) => ({ ...step, left: 0, right: 0, activeSeconds: 0 }));
      expect(left({ steps: idle })).toHaveLength(found.length + 1);
    });

    it('and a chip that is left wears with each touch-up, until it is gone', () => {
      const chip = finding('chip', 40, 0.02);
      let findings = [chip];
      let touchUps = 0;
      while (findings.length > 0 && touchUps < 50) {
        const before = { tests: [passedTest('slices-paper')], findings };
        findings = findingsLeft({ ...begun(), steps: worked, before, damageWay: 'leave it' }, 20);
        touchUps += 1;
        if (findings.length > 0) expect(findings[0]!.leftOnPurpose).toBe(true);
      }
      expect(touchUps).toBeGreaterThan(2);
      expect(touchUps).toBeLessThan(10);
    });
  });

  it('stays a valid record whatever is tapped', () => {
    const events = fc.array(
      fc.constantFrom(
        'stroke',
        'take back',
        'turn over',
        'next step',
        'previous step',
        'pause',
        'resume',
      ),
      { maxLength: 60 },
    );
    fc.assert(
      fc.property(events, (types) => {
        const session = types.reduce(
          (s, type, i) => advance(s, { type, from: s.stepIndex, at: at(i) } as GuideEvent),
          begun(),
        );
        expect(sessionSchema.isValidSync(session, { strict: true })).toBe(true);
        const strokes = session.steps.reduce((sum, s) => sum + s.left + s.right, 0);
        expect(strokes).toBeLessThanOrEqual(types.filter((t) => t === 'stroke').length);
      }),
    );
  });
});
