import { advance, gateAt, gateLooks, owedPerSide, startSession, type GuideEvent } from '.';
import { NO_PLAN } from '../jobs';
import { findLadder } from '../ladder';
import { strokesEvidence } from '../log/stepEvidence';
import type { Session } from '../../domain/session';
import { passedTest } from '../../domain/observation';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';

const at = (second: number): string =>
  new Date(Date.parse('2026-05-01T10:00:00.000Z') + 1000 * second).toISOString();

const begun = (byFeel = false): Session =>
  startSession({
    id: 's',
    at: at(0),
    toolId: 'wren',
    zoneId: 'edge',
    job: 'touch-up',
    where: 'bench',
    before: { tests: [passedTest('slides-on-nail')], findings: [] },
    targetApexUm: 0.8,
    damageWay: null,
    byFeel,
    wordsOf: () => ({ doneWhen: ['no glint'], warnings: [] }),
    plan: {
      ...NO_PLAN,
      ...findLadder({
        zone: faceOf('scandi-knife'),
        condition: { apexRadiusUm: 8, damageDepthMm: 0 },
        target: { apexRadiusUm: 0.8 },
        abrasives: [stone(25), stone(9), strop(1)],
      }),
    },
  });
const run = (session: Session, ...events: GuideEvent[]): Session => events.reduce(advance, session);
const strokes = (count: number, second = 1): GuideEvent => ({
  type: 'stroke',
  count,
  at: at(second),
});

describe('before a step is left', () => {
  it('is asked about where hardly a stroke is done, and not where none is', () => {
    const few = run(begun(), strokes(3));
    expect(few.steps[0]!.plannedPerSide).toBeGreaterThan(20);
    expect(gateAt(few)).toMatchObject({ early: true });
    expect(gateAt(begun())).toBeNull();
    const later = run(
      begun(),
      strokes(40),
      { type: 'next step', from: 0, at: at(2) },
      strokes(1, 3),
    );
    expect(gateAt(later)?.first ?? false).toBe(false);
  });

  it('the first stone asks for burr, ink and glint, each kept with its count', () => {
    const worked = run(begun(), strokes(40));
    expect(gateAt(worked)).toEqual({ early: false, first: true });
    const looked = run(
      worked,
      { type: 'burr', side: 'right', felt: [true, true, true], at: at(2) },
      { type: 'ink', seen: 'gone to the edge', at: at(3) },
      { type: 'glint', seen: true, at: at(4) },
    );
    expect(gateLooks(looked.steps[0]!)).toEqual({ burr: true, ink: true, glint: false });
    expect(looked.steps[0]!.glints).toEqual([{ strokes: 40, seen: true }]);
    expect(gateAt(looked)).not.toBeNull();
    const through = run(looked, { type: 'glint', seen: false, at: at(5) });
    expect(gateAt(through)).toBeNull();
    // Strokes after the looks want new ones.
    expect(gateLooks(run(through, strokes(1, 6)).steps[0]!).burr).toBeNull();
  });

  it('gaps of the burr are owed their share of the strokes', () => {
    const step = { plannedPerSide: 60 };
    expect(owedPerSide(step, [true, true, true])).toBe(0);
    expect(owedPerSide(step, [true, false, true, true, true, true])).toBe(5);
    expect(owedPerSide(step, [false, false, false])).toBe(30);
    expect(owedPerSide({ plannedPerSide: 4 }, [true, true, true, false])).toBe(2);
  });
});

describe('by feel', () => {
  const tick = (second: number): GuideEvent => ({ type: 'tick', at: at(second) });

  it('waits for the hand, times each side, and stops when both are done', () => {
    const waiting = run(begun(true), tick(5));
    expect(waiting.steps[0]!.byFeel).toMatchObject({ leftSeconds: 0, leftDone: false });
    const left = run(waiting, { type: 'resume', at: at(6) }, tick(11), {
      type: 'side done',
      at: at(14),
    });
    expect(left.steps[0]!.byFeel).toMatchObject({ leftSeconds: 8, leftDone: true });
    expect(left).toMatchObject({ side: 'right', pausedAt: null });
    const both = run(left, tick(19), { type: 'side done', at: at(21) }, tick(60));
    expect(both.steps[0]!.byFeel).toEqual({
      leftSeconds: 8,
      rightSeconds: 7,
      leftDone: true,
      rightDone: true,
    });
    expect(both.pausedAt).not.toBeNull();
    expect(both.steps[0]).toMatchObject({ left: 0, right: 0, activeSeconds: 15 });
  });

  it('carries nothing over: the next step waits again, and strokes are counted where they are asked for', () => {
    const next = run(
      begun(true),
      { type: 'resume', at: at(1) },
      tick(6),
      { type: 'next step', from: 0, at: at(7) },
      tick(30),
    );
    expect(next.pausedAt).not.toBeNull();
    expect(next.steps[1]!.activeSeconds).toBe(0);
    const counted = run(next, { type: 'by feel', on: false, at: at(31) }, strokes(5, 32));
    expect(counted.steps[1]).toMatchObject({ byFeel: null, left: 5 });
  });

  it('teaches no strokes', () => {
    const done = run(
      begun(true),
      { type: 'resume', at: at(1) },
      { type: 'side done', at: at(15) },
      { type: 'side done', at: at(30) },
      { type: 'test', reading: passedTest('shaves'), at: at(31) },
      { type: 'finish', findings: [], notes: '', at: at(32) },
    );
    expect(strokesEvidence(done, () => 'diamond')).toEqual([]);
  });
});
