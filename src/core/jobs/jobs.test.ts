import fc from 'fast-check';
import {
  bevelDrift,
  bevelFaceWidthMm,
  DEFAULT_PACE,
  DRIFT_LIMIT_MM,
  honedApexUm,
  KEEN_UP_TO,
  planFlattening,
  planHoning,
  planThinning,
  thinningNeed,
  workingFace,
} from '..';
import { passes, type Session } from '../../domain/session';
import type { Job, SharpnessTest } from '../../domain/terms';
import { stone, strop, toolOf } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';

const pace = DEFAULT_PACE;
const bench = [stone(120), stone(45), stone(25), stone(9), stone(3), strop(1)];
const scandi = toolOf('scandi-knife');
const flat = toolOf('flat-knife');

/** A finished session on a tool's first zone, the later the higher its number. */
function done(tool: { id: string }, number: number, job: Job, before: SharpnessTest): Session {
  const at = `2026-03-${String(10 + number)}T10:00:00.000Z`;
  const [like] = sample.sessions;
  return {
    ...like!,
    id: `s${number}`,
    toolId: tool.id,
    zoneId: scandi.zones[0]!.id,
    job,
    startedAt: at,
    finishedAt: at,
    before: { tests: [passes(before)], findings: [] },
    steps: like!.steps.slice(0, 1),
  };
}

describe('the drift of a bevel that runs flat to its apex', () => {
  const zone = scandi.zones[0]!;
  const drift = (...sessions: Session[]) => bevelDrift(scandi, zone, sessions);
  const touchUp = (number: number) => done(scandi, number, 'touch-up', 'slides-on-nail');

  it('adds r·(1 − sin θ) at each touch-up on a stone', () => {
    const sin = Math.sin((zone.bevelAngleDeg * Math.PI) / 180);
    expect(drift(touchUp(1)).lagMm).toBeCloseTo(0.008 * (1 - sin), 9);
    expect(drift(touchUp(1), touchUp(2)).lagMm).toBeCloseTo(2 * 0.008 * (1 - sin), 9);
    expect(drift(touchUp(1), touchUp(2)).touchUps).toBe(2);
    expect(drift(touchUp(1)).steeperDeg).toBeGreaterThan(0);
  });

  it('does not come from hones, spines, strops, or other tools', () => {
    expect(drift(done(scandi, 1, 'hone', 'blunt'), done(scandi, 2, 'spine', 'blunt')).lagMm).toBe(
      0,
    );
    expect(drift(done(flat, 1, 'touch-up', 'blunt')).lagMm).toBe(0);
    const stropped = {
      ...touchUp(1),
      steps: touchUp(1).steps.map((s) => ({ ...s, kind: 'strop' as const })),
    };
    expect(drift(stropped).lagMm).toBe(0);
    expect(bevelDrift(flat, flat.zones[0]!, [touchUp(1)]).lagMm).toBe(0);
  });

  it('begins anew when the bevel is ground flat', () => {
    const sessions = [touchUp(1), touchUp(2), done(scandi, 3, 'thin', 'slices-paper'), touchUp(4)];
    expect(drift(...sessions)).toEqual(drift(touchUp(4)));
  });

  it('wants grinding past its limit, where the keeper does not let it drift', () => {
    const many = Array.from({ length: 5 }, (_, i) => touchUp(i));
    expect(drift(...many).lagMm).toBeGreaterThan(DRIFT_LIMIT_MM);
    const need = (drifts: 'regrind flat' | 'let it drift') =>
      thinningNeed(toolOf('scandi-knife', { drift: drifts }), zone, many);
    expect(need('regrind flat')).toBe('bevel drifted');
    expect(need('let it drift')).toBeNull();
    expect(
      thinningNeed(toolOf('scandi-knife', { drift: 'regrind flat' }), zone, many.slice(0, 2)),
    ).toBeNull();
  });
});

describe('grinding a drifted bevel flat', () => {
  const zone = scandi.zones[0]!;
  const plan = (lagMm: number) =>
    planFlattening({
      tool: scandi,
      zone,
      lagMm,
      apexRadiusUm: 4,
      damageDepthMm: 0,
      abrasives: bench,
      pace,
    });

  it('takes what the face lags behind by, V = 2·L·W·lag, and finishes the edge', () => {
    const { steps, apexRadiusUm, zoneAfter } = plan(0.03);
    expect(steps[0]!.task).toBe('grind the bevel flat');
    const lengthMm = zone.endMm - zone.startMm;
    expect(steps[0]!.volumeMm3).toBeCloseTo(2 * lengthMm * bevelFaceWidthMm(zone) * 0.03, 6);
    expect(apexRadiusUm).toBeLessThanOrEqual(zone.targetApexUm);
    expect(zoneAfter).toBeNull();
  });

  it('takes longer the further it has drifted, and nothing where it has not', () => {
    expect(plan(0.06).minutes).toBeGreaterThan(plan(0.02).minutes);
    expect(plan(0)).toMatchObject({ outcome: 'leave alone', steps: [], minutes: 0 });
  });
});

describe('thinning', () => {
  const zone = { ...flat.zones[0]!, microBevel: null, faceLimitMm: 0.75 };
  const plan = (change: Partial<Parameters<typeof planThinning>[0]> = {}) =>
    planThinning({
      tool: flat,
      zone,
      sessions: [],
      apexRadiusUm: 1,
      damageDepthMm: 0,
      abrasives: bench,
      pace,
      ...change,
    });

  it('moves the shoulders back first, then sets the apex on a stone', () => {
    const { steps, zoneAfter, outcome } = plan();
    expect(outcome).toBe('planned');
    expect(steps[0]).toMatchObject({ task: 'move the shoulders back', jumpRatio: null });
    expect(steps[0]!.angleDeg).toBeLessThan(zone.bevelAngleDeg);
    expect(steps[1]).toMatchObject({ task: 'restore the apex', angleDeg: zone.bevelAngleDeg });
    expect(steps[1]!.abrasive.kind).toBe('stone');
    expect(workingFace(flat, zoneAfter!).faceWidthMm).toBeCloseTo(0.5, 9);
  });

  it('clears the need for it', () => {
    const wide = { ...zone, shoulderThicknessMm: 0.9 };
    expect(thinningNeed(flat, wide, [])).toBe('face past its limit');
    expect(thinningNeed(flat, plan({ zone: wide }).zoneAfter!, [])).toBeNull();
  });

  it('polishes the faces of a keeper who wants no scratches', () => {
    const keeper = toolOf('flat-knife', { scratches: 'unscratched' });
    const polish = plan({ tool: keeper }).steps.filter((s) => s.task === 'polish behind the edge');
    expect(polish.at(-1)!.abrasive.sizeUm).toBeLessThanOrEqual(6);
    polish.forEach(({ jumpRatio }) => expect(jumpRatio).toBeGreaterThanOrEqual(2));
  });

  it('is out of reach of strops', () => {
    expect(plan({ abrasives: [strop(1)] })).toMatchObject({ outcome: 'out of reach', steps: [] });
  });
});

describe('honing', () => {
  const zone = flat.zones[0]!;
  const rod = stone(4, { family: 'ceramic', form: 'rod' });
  const plan = (abrasives = [...bench, rod]) =>
    planHoning({ tool: flat, zone, apexRadiusUm: 2, keenRadiusUm: 0.8, abrasives, pace });

  it('is a few dry strokes on what straightens more than it cuts', () => {
    const { steps, minutes } = plan();
    expect(steps).toHaveLength(1);
    expect(steps[0]).toMatchObject({ abrasive: { id: rod.id }, lubricant: 'dry', volumeMm3: 0 });
    expect(minutes).toBeLessThan(2);
    const steel = stone(1, { family: 'smooth-steel', form: 'rod' });
    expect(plan([rod, steel]).steps[0]!.abrasive.id).toBe(steel.id);
  });

  it('says of each thing at hand why it is none', () => {
    const { outcome, leftOut } = plan(bench);
    expect(outcome).toBe('out of reach');
    expect(leftOut).toHaveLength(bench.length);
  });

  it('takes back the turned part of dulling and leaves the rounding', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 12, noNaN: true }),
        fc.option(fc.double({ min: 0.2, max: 12, noNaN: true })),
        (apexUm, keenUm) => {
          const after = honedApexUm({ apexUm, keenUm, targetUm: 1 });
          expect(after).toBeLessThanOrEqual(apexUm + 1e-9);
          expect(after).toBeGreaterThanOrEqual(Math.min(apexUm, keenUm ?? 0.8) - 1e-9);
        },
      ),
    );
    expect(plan().apexRadiusUm).toBeCloseTo(0.8 + 0.2 * 1.2, 9);
    expect(plan().apexRadiusUm).toBeLessThan(KEEN_UP_TO * zone.targetApexUm);
  });
});
