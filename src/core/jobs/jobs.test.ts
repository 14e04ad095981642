import fc from 'fast-check';
import { NO_WISHES, stropOutlooks, workingFace } from '../ladder';
import { reshapeZone, bevelFaceWidthMm } from '../edge';
import {
  DRIFT_LIMIT_MM,
  honedApexUm,
  planFlattening,
  planNewAngle,
  findHone,
  planThinning,
  planUpkeep,
  thinningHoldDeg,
  thinningNeed,
  bevelDrift,
  zoneLeft,
  type EdgeJob,
} from '.';
import { KEEN_UP_TO } from '../sharpness';
import type { Session } from '../../domain/session';
import { finding, passedTest } from '../../domain/observation';
import { GRINDS, type Job, type SharpnessTest } from '../../domain/terms';
import { zoneSchema, type Tool } from '../../domain/tool';
import { benchWith, usualHand } from '../../testing/bench';
import { stone, strop, toolOf } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';
import { TOOL_KINDS } from '../../domain/kinds';

const bench = [stone(120), stone(45), stone(25), stone(9), stone(3), strop(1)];
const scandi = toolOf('scandi-knife');
const flat = toolOf('flat-knife');

/** An edge as a job, with everything on the bench. */
const jobOn = (tool: Tool, change: Partial<EdgeJob> = {}): EdgeJob => ({
  ...benchWith(bench),
  tool,
  zone: tool.zones[0]!,
  apexRadiusUm: 1,
  keenRadiusUm: null,
  damageDepthMm: 0,
  damageStretch: null,
  damageWay: null,
  ownLadder: NO_WISHES,
  sessions: [],
  ...change,
});

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
    before: { tests: [passedTest(before)], findings: [] },
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
  const plan = (lagMm: number) => planFlattening(jobOn(scandi), lagMm);

  it('takes what the face lags behind by, V = 2·L·W·lag, and finishes the edge', () => {
    const { steps, apexRadiusUm } = plan(0.03);
    expect(steps[0]!.task).toBe('grind the bevel flat');
    const lengthMm = zone.endMm - zone.startMm;
    expect(steps[0]!.volumeMm3).toBeCloseTo(2 * lengthMm * bevelFaceWidthMm(zone) * 0.03, 6);
    expect(apexRadiusUm).toBeLessThanOrEqual(KEEN_UP_TO * zone.targetApexUm);
    expect(zoneLeft(steps)).toBeNull();
  });

  it('takes longer the further it has drifted, and nothing where it has not', () => {
    expect(plan(0.06).minutes).toBeGreaterThan(plan(0.02).minutes);
    expect(plan(0)).toMatchObject({ outcome: 'leave alone', steps: [], minutes: 0 });
  });
});

describe('thinning', () => {
  const zone = { ...flat.zones[0]!, microBevel: null, faceLimitMm: 0.75 };
  const plan = (change: Partial<EdgeJob> = {}) => planThinning(jobOn(flat, { zone, ...change }));

  it('moves the shoulders back first, then sets the apex on a stone', () => {
    const { steps, outcome } = plan();
    expect(outcome).toBe('planned');
    expect(steps[0]).toMatchObject({ task: 'move the shoulders back', jumpRatio: null });
    expect(steps[0]!.angleDeg).toBeLessThan(zone.bevelAngleDeg);
    expect(steps[1]).toMatchObject({ task: 'restore the apex', angleDeg: zone.bevelAngleDeg });
    expect(steps[1]!.abrasive.kind).toBe('stone');
    expect(workingFace(flat, zoneLeft(steps)!).faceWidthMm).toBeCloseTo(0.5, 9);
  });

  it('clears the need for it', () => {
    const wide = { ...zone, shoulderThicknessMm: 0.9 };
    expect(thinningNeed(flat, wide, [])).toBe('face past its limit');
    expect(thinningNeed(flat, zoneLeft(plan({ zone: wide }).steps)!, [])).toBeNull();
  });

  it('polishes the faces of a keeper who wants no scratches', () => {
    const keeper = toolOf('flat-knife', { scratches: 'unscratched' });
    const polish = plan({ tool: keeper }).steps.filter((s) => s.task === 'polish behind the edge');
    expect(polish.at(-1)!.abrasive.sizeUm).toBeLessThanOrEqual(6);
    polish.forEach(({ jumpRatio }) => expect(jumpRatio).toBeGreaterThanOrEqual(2));
  });

  it('is due past what is usual for its kind where no limit is set, and when it wedges in use', () => {
    for (const kind of TOOL_KINDS) {
      const tool = toolOf(kind);
      const usual = tool.zones[0]!;
      expect(thinningNeed(tool, usual, [])).toBeNull();
      const thick = { ...usual, shoulderThicknessMm: 2 * usual.shoulderThicknessMm };
      const isFlatGround = usual.grind === 'scandi';
      expect(thinningNeed(tool, thick, [])).toBe(isFlatGround ? null : 'face past its limit');
      const wedging = [finding('wedges', 10, 0)];
      expect(thinningNeed(tool, usual, [], wedging)).toBe(isFlatGround ? null : 'wedges');
    }
  });

  it('goes by the person’s own ladder, and lays the stone as the symptom says', () => {
    const all = planThinning(jobOn(flat, { zone }));
    const [grinder] = all.steps;
    const without = planThinning(
      jobOn(flat, { zone, ownLadder: { ...NO_WISHES, leftOut: [grinder!.abrasive.id] } }),
    );
    expect(without.steps.map(({ abrasive }) => abrasive.id)).not.toContain(grinder!.abrasive.id);
    const sequence = planThinning(
      jobOn(flat, { zone, ownLadder: { ...NO_WISHES, sequence: ['stone-25', 'stone-9'] } }),
    );
    const used = [...new Set(sequence.steps.map(({ abrasive }) => abrasive.id))];
    expect(used).toEqual(['stone-25', 'stone-9']);
    expect(all.steps[0]!.angleDeg).toBe(thinningHoldDeg(flat, zone));
  });

  it('is out of reach of strops', () => {
    expect(plan({ abrasives: [strop(1)] })).toMatchObject({ outcome: 'out of reach', steps: [] });
  });
});

describe('honing', () => {
  const zone = flat.zones[0]!;
  const rod = stone(4, { family: 'ceramic', form: 'rod' });
  const plan = (abrasives = [...bench, rod]) =>
    findHone({
      face: workingFace(flat, zone),
      targetApexUm: zone.targetApexUm,
      apexRadiusUm: 2,
      keenRadiusUm: 0.8,
      abrasives,
      hand: usualHand,
    });

  it('is a few dry strokes on what straightens more than it cuts', () => {
    const { steps, minutes } = plan();
    expect(steps).toHaveLength(1);
    expect(steps[0]).toMatchObject({
      abrasive: { id: rod.id },
      lubricant: 'dry',
      volumeMm3: 0,
      direction: 'edge leading',
    });
    expect(minutes).toBeLessThan(2);
    expect(steps[0]!.strokesPerSide).toBe(20);
    const steel = stone(1, { family: 'smooth-steel', form: 'rod' });
    expect(plan([rod, steel]).steps[0]).toMatchObject({
      abrasive: { id: steel.id },
      strokesPerSide: 5,
    });
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
    expect(plan().apexRadiusUm).toBeCloseTo(0.8 + 0.1 * 1.2, 9);
    expect(plan().apexRadiusUm).toBeLessThan(KEEN_UP_TO * zone.targetApexUm);
  });
});

describe('keeping an edge up', () => {
  it('is open to every edge, on the strop that leaves it keenest, and never leaves it rounder', () => {
    for (const kind of TOOL_KINDS) {
      const belt = strop(1, { id: 'belt', form: 'belt', backing: 'slack' });
      const job = jobOn(toolOf(kind), { abrasives: [...bench, belt], apexRadiusUm: 0.9 });
      const { outcome, steps, apexRadiusUm } = planUpkeep(job);
      expect(outcome).toBe('planned');
      expect(steps).toHaveLength(1);
      expect(steps[0]).toMatchObject({ task: 'strop', strokesPerSide: 5, baseline: null });
      expect(apexRadiusUm).toBeLessThanOrEqual(0.9);
      const [best, next] = stropOutlooks(job);
      expect(steps[0]!.abrasive.id).toBe(best!.strop.id);
      if (next) expect(best!.bestUm).toBeLessThanOrEqual(next.bestUm);
    }
  });

  it('goes over a hone where no strop is at hand, and is out of reach with neither', () => {
    const rod = stone(4, { family: 'ceramic', form: 'rod' });
    expect(planUpkeep(jobOn(flat, { abrasives: [rod] })).steps[0]).toMatchObject({
      task: 'lay a turned edge straight',
    });
    expect(planUpkeep(jobOn(flat, { abrasives: [stone(25)] })).outcome).toBe('out of reach');
  });
});

describe('a new angle', () => {
  const hatchet = toolOf('hatchet');
  const aims = ['as it is', 'micro-bevel', 'scandi', 'convex', 'secondary-bevel'] as const;
  const anAngle = fc.double({ min: 6, max: 59, noNaN: true });

  it('of every grind and kind leaves a zone that can be kept, and never adds steel', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...TOOL_KINDS),
        fc.constantFrom(...GRINDS),
        fc.boolean(),
        fc.constantFrom(...aims),
        anAngle,
        (kind, present, micro, grind, angleDeg) => {
          const tool = toolOf(kind);
          const zone = {
            ...tool.zones[0]!,
            grind: present,
            microBevel: micro
              ? { angleDeg: tool.zones[0]!.bevelAngleDeg + 3, faceWidthMm: 0.3 }
              : null,
          };
          let after;
          try {
            after = reshapeZone({ tool, zone, aim: { grind, angleDeg } });
          } catch (error) {
            expect(error).toBeInstanceOf(RangeError);
            return;
          }
          expect(after.areaPerSideMm2).toBeGreaterThanOrEqual(0);
          expect(after.recessionMm).toBeGreaterThanOrEqual(0);
          const { facet } = after.zoneAfter;
          const apexDeg = facet?.angleDeg ?? workingFace(tool, after.zoneAfter).angleDeg;
          expect(apexDeg).toBeCloseTo(angleDeg, 9);
          zoneSchema.validateSync(after.zoneAfter, { strict: true });
        },
      ),
      { numRuns: 400 },
    );
  });

  it('takes nothing where it is the angle it has, and more the further it turns', () => {
    const zone = flat.zones[0]!;
    const area = (angleDeg: number) =>
      reshapeZone({ tool: flat, zone, aim: { grind: 'as it is', angleDeg } }).areaPerSideMm2;
    expect(area(zone.bevelAngleDeg)).toBeCloseTo(0, 6);
    expect(area(zone.bevelAngleDeg - 2)).toBeGreaterThan(area(zone.bevelAngleDeg - 1));
    expect(area(zone.bevelAngleDeg + 2)).toBeGreaterThan(area(zone.bevelAngleDeg + 1));
  });

  it('flatter is the triangle between two faces from one apex, exactly', () => {
    const zone = { ...flat.zones[0]!, primaryAngleDeg: 3, shoulderThicknessMm: 0.6 };
    const sin = (deg: number) => Math.sin((deg * Math.PI) / 180);
    const width = 0.3 / sin(20);
    const longer = (width * sin(20 - 3)) / sin(18 - 3);
    const { areaPerSideMm2 } = reshapeZone({
      tool: flat,
      zone,
      aim: { grind: 'secondary-bevel', angleDeg: 18 },
    });
    expect(areaPerSideMm2).toBeCloseTo(0.5 * width * longer * sin(2), 6);
  });

  const convexer = { grind: 'as it is', angleDeg: 22 } as const;
  const file = stone(100, { id: 'file', family: 'file', form: 'file', lengthMm: 250 });

  it('of an arc is ground facet by facet, each for the steel that it loses, then over all of it', () => {
    const job = jobOn(hatchet, { abrasives: [...bench, file] });
    const { outcome, steps } = planNewAngle(job, convexer);
    expect(outcome).toBe('planned');
    const facets = steps.filter(({ task }) => task === 'grind a facet of the arc');
    expect(facets.map(({ abrasive }) => abrasive.id)).toEqual(facets.map(() => 'file'));
    const angles = facets.map(({ angleDeg }) => angleDeg);
    expect(angles).toEqual([...angles].sort((a, b) => b - a));
    expect(Math.max(...angles)).toBeLessThan(22);
    const { areaPerSideMm2 } = reshapeZone({ tool: hatchet, zone: job.zone, aim: convexer });
    const lengthMm = job.zone.endMm - job.zone.startMm;
    const takenMm3 = facets.reduce((sum, { volumeMm3 }) => sum + volumeMm3, 0);
    expect(takenMm3 / (2 * lengthMm * areaPerSideMm2)).toBeCloseTo(1, 2);
    const smoothed = steps.filter(({ task }) => task === 'smooth the arc');
    expect(smoothed[0]!.jumpRatio).toBeGreaterThanOrEqual(2);
    expect(smoothed.every(({ abrasive }) => abrasive.id !== 'file')).toBe(true);
    expect(steps.map(({ task }) => task).lastIndexOf('smooth the arc')).toBeLessThan(
      steps.map(({ task }) => task).indexOf('restore the apex'),
    );
    expect(zoneLeft(steps)!.bevelAngleDeg).toBe(22);
    const same = planNewAngle(jobOn(flat), { grind: 'as it is', angleDeg: 20 });
    expect(same.outcome).toBe('leave alone');
  });

  it('grinds chips out first, and the next touch-up begins from what the steps have left', () => {
    const damaged = jobOn(hatchet, {
      abrasives: [...bench, file],
      damageDepthMm: 0.3,
      damageStretch: { startMm: 10, endMm: 75 },
    });
    const flatter = { grind: 'as it is', angleDeg: 18 } as const;
    const { steps } = planNewAngle(damaged, flatter);
    const [chips, ...rest] = steps;
    expect(chips).toMatchObject({ task: 'grind out damage', stretch: { startMm: 10, endMm: 75 } });
    expect(chips!.zoneAfter!.facet).toMatchObject({ angleDeg: 23 });
    // Left there, the tool keeps its old angle with the band's facet on it.
    expect(zoneLeft([chips!])!.bevelAngleDeg).toBe(20);
    expect(rest.some(({ task }) => task === 'grind out damage')).toBe(false);
    const left = zoneLeft(steps)!;
    expect(left).toMatchObject({ bevelAngleDeg: 18, facet: null });
    const last = steps.at(-1)!;
    expect(last.angleDeg).toBe(workingFace(hatchet, left).angleDeg);
  });

  it('goes without a stage of its own for chips that the steel takes with it', () => {
    const steeper = { grind: 'as it is', angleDeg: 26 } as const;
    const { recessionMm } = reshapeZone({ tool: hatchet, zone: hatchet.zones[0]!, aim: steeper });
    expect(recessionMm).toBeGreaterThan(0.02);
    const shallow = jobOn(hatchet, { abrasives: [file, ...bench], damageDepthMm: 0.02 });
    const { steps } = planNewAngle(shallow, steeper);
    expect(steps.some(({ task }) => task === 'grind out damage')).toBe(false);
  });

  it('says that there is no room only where there is none, and else which stone would do it', () => {
    const cheek = hatchet.zones[0]!.primaryAngleDeg;
    const none = planNewAngle(jobOn(hatchet), { grind: 'as it is', angleDeg: cheek - 1 });
    expect(none).toMatchObject({ outcome: 'out of reach', noRoom: { behindDeg: cheek } });
    const slow = jobOn(hatchet, { abrasives: [stone(3), strop(1)], owned: [stone(3), strop(1)] });
    const { outcome, noRoom, missingStone, tooLongMinutes } = planNewAngle(slow, convexer);
    expect({ outcome, noRoom }).toEqual({ outcome: 'out of reach', noRoom: null });
    expect(missingStone).toMatchObject({ owned: null });
    expect(missingStone!.minutes).toBeLessThan(tooLongMinutes! / 2);
    const elsewhere = planNewAngle({ ...slow, owned: [...slow.owned, file] }, convexer);
    expect(elsewhere.missingStone).toMatchObject({ owned: file.name });
  });

  it('of every kind turned a few degrees either way has minutes, or the stone that would do it, or no room', () => {
    for (const kind of TOOL_KINDS) {
      const tool = toolOf(kind);
      for (const turn of [-3, -1, 1, 3]) {
        for (const grind of ['as it is', 'micro-bevel'] as const) {
          const angleDeg = tool.zones[0]!.bevelAngleDeg + turn;
          const plan = planNewAngle(jobOn(tool), { grind, angleDeg });
          if (plan.outcome === 'planned') expect(plan.minutes).toBeGreaterThan(0);
          else expect(plan.noRoom ?? plan.missingStone).not.toBeNull();
        }
      }
    }
  });
});
