import fc from 'fast-check';
import { calibrate, learn, lnHardness, type Evidence, type StrokesEvidence } from '.';
import { PRIORS } from '../priors';

const ratio = fc.double({ min: 0.2, max: 5, noNaN: true });
const priors = { priorSd: PRIORS.familySdLn.value, observationSd: PRIORS.stepSdLn.value };

describe('calibration', () => {
  it('moves toward the sessions and narrows: the worked example', () => {
    const { factor, sdLn } = calibrate({ ...priors, ratios: [1.5, 1.8, 1.6] });
    expect(factor).toBeCloseTo(1.55, 2);
    expect(sdLn).toBeCloseTo(0.219, 3);
  });

  it('takes what was unsure of the edge before into account: the worked example', () => {
    const done = (s: number) =>
      calibrate({ ...priors, observationSd: Math.hypot(0.4, 2 * s), ratios: [30 / 90] }).factor;
    expect(done(0)).toBeCloseTo(0.437, 3);
    expect(done(0.35)).toBeCloseTo(0.62, 2);
  });

  it('is the prior as long as nothing is known', () => {
    const { factor, sdLn } = calibrate({ ...priors, ratios: [] });
    expect(factor).toBe(1);
    expect(sdLn).toBeCloseTo(PRIORS.familySdLn.value, 12);
  });

  it('lies between the prior and the sessions, whatever their order', () => {
    fc.assert(
      fc.property(fc.array(ratio, { minLength: 1, maxLength: 12 }), (ratios) => {
        const { factor, sdLn } = calibrate({ ...priors, ratios });
        expect(factor).toBeGreaterThanOrEqual(Math.min(1, ...ratios) - 1e-9);
        expect(factor).toBeLessThanOrEqual(Math.max(1, ...ratios) + 1e-9);
        expect(sdLn).toBeLessThan(PRIORS.familySdLn.value);
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

/** A step of a known plan and looks, on a thing and a tool. */
const step = (
  looks: StrokesEvidence['looks'],
  change: Partial<StrokesEvidence> = {},
): StrokesEvidence => ({
  what: 'strokes',
  at: '2026-03-10T10:00:00.000Z',
  sessionId: 's',
  stepIndex: 0,
  toolId: 'knife',
  itemId: 'plate',
  family: 'diamond',
  person: null,
  predicted: 100,
  hardnessHrc: 58,
  sdLn: 0.4,
  looks,
  apex: null,
  ...change,
});
const done = (count: number, change: Partial<StrokesEvidence> = {}) =>
  step([{ count, says: 'done', by: 'test' }], change);
const said = (count: number, says: 'yes' | 'no') => ({ count, says, by: 'sign' }) as const;
const onPlate = (evidence: readonly Evidence[]) =>
  learn({ evidence, stated: [] }).hand.things.plate!;
const many = (count: number, make: (i: number) => StrokesEvidence) =>
  Array.from({ length: count }, (_, i) => make(i));

describe('what steps teach of strokes', () => {
  it('lies between the plan and what was done, and nears it with every step on another tool', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 3, noNaN: true }), (truth) => {
        const after = (count: number) =>
          onPlate(many(count, (i) => done(100 * truth, { toolId: `tool ${i}` })));
        const [one, eight] = [after(1), after(8)];
        for (const { factor } of [one, eight]) {
          expect(factor).toBeGreaterThan(Math.min(1, truth) * 0.98);
          expect(factor).toBeLessThan(Math.max(1, truth) * 1.02);
        }
        expect(Math.abs(Math.log(eight.factor / truth))).toBeLessThan(0.12);
        expect(eight.sdLn).toBeLessThan(one.sdLn);
        expect(eight.sdLn).toBeGreaterThanOrEqual(PRIORS.thingFloorSdLn.value);
      }),
      { numRuns: 30 },
    );
  });

  it('a yes at the plan says only at most, a no at least, both a span', () => {
    const yes = onPlate([step([said(100, 'yes')])]);
    const no = onPlate([step([said(100, 'no')])]);
    const between = onPlate([step([said(100, 'no'), said(140, 'yes')])]);
    expect(yes.factor).toBeLessThan(1);
    expect(no.factor).toBeGreaterThan(1);
    expect(between.factor).toBeGreaterThan(1);
    expect(between.factor).toBeLessThan(1.4);
    expect(between.sdLn).toBeLessThan(Math.min(yes.sdLn, no.sdLn));
  });

  it('what stopped early after a look drags nothing down', () => {
    const stopped = many(6, (i) => step([said(30, 'no')], { toolId: `tool ${i}` }));
    expect(onPlate(stopped).factor).toBeGreaterThan(0.95);
  });

  it('a test of sharpness tells by the edge that is left', () => {
    const apex = { beforeUm: 4, finishUm: 0.6, upperUm: 1.41 };
    const test = (count: number, says: 'yes' | 'no') =>
      onPlate([step([{ count, says, by: 'test' }], { apex })]).factor;
    expect(test(60, 'no')).toBeGreaterThan(test(60, 'yes'));
    expect(test(60, 'yes')).toBeLessThan(1);
  });

  it('its family stands in for a thing that was never used, more roughly', () => {
    const { families, things } = learn({ evidence: many(5, () => done(200)), stated: [] }).hand;
    expect(things.other).toBeUndefined();
    expect(families.diamond!.factor).toBeGreaterThan(1.2);
    expect(families.diamond!.factor).toBeLessThan(things.plate!.factor);
  });

  it('is a person’s own, begun from what the others’ logs teach', () => {
    const others = many(6, (i) => done(200, { person: 'Ard', toolId: `tool ${i}` }));
    const own = many(6, (i) => done(100, { person: 'Brill', toolId: `tool ${i}` }));
    const of = (person: string | null, evidence: readonly Evidence[]) =>
      learn({ evidence, stated: [], person }).hand.things.plate!.factor;
    expect(of('Brill', others)).toBeCloseTo(of(null, others), 9);
    expect(of('Brill', [...others, ...own])).toBeLessThan(1.3);
    expect(of('Ard', [...others, ...own])).toBeGreaterThan(1.5);
  });
});

describe('hardness by the log', () => {
  const stated = [
    { toolId: 'open', lowHrc: 50, highHrc: 62 },
    { toolId: 'known', lowHrc: 57, highHrc: 59 },
  ];
  const known = (times: number) => many(30, () => done(100 * times, { toolId: 'known' }));
  /** Steps without noise on a steel that is truly so hard, planned for what was assumed each time. */
  const truly = (hrc: number, assumed: (i: number) => number, count = 30) =>
    many(count, (i) =>
      done(100 * Math.exp(lnHardness(hrc, assumed(i))), {
        toolId: 'open',
        hardnessHrc: assumed(i),
      }),
    );
  const learned = (evidence: readonly Evidence[]) =>
    learn({ evidence, stated }).hardness.get('open');

  it('does not feed on itself: what plans assumed meanwhile leaves the same range', () => {
    const steady = learned([...known(1), ...truly(61, () => 56)])!;
    const drifting = learned([...known(1), ...truly(61, (i) => 56 + Math.min(3, i / 8))])!;
    expect(steady.lowHrc).toBeLessThan(61);
    expect((steady.lowHrc + steady.highHrc) / 2).toBeGreaterThan(56.5);
    expect(drifting.lowHrc).toBeCloseTo(steady.lowHrc, 1);
    expect(drifting.highHrc).toBeCloseTo(steady.highHrc, 1);
  });

  it('is told beside the same hand on other tools, and never leaves what is stated', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 62, noNaN: true }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        (hrc, hand) => {
          const slow = truly(hrc, () => 56, 12).map((each) =>
            done(hand * each.looks[0]!.count, each),
          );
          const { lowHrc, highHrc, steps } = learned([...known(hand), ...slow])!;
          expect(lowHrc).toBeGreaterThanOrEqual(50);
          expect(highHrc).toBeLessThanOrEqual(62);
          expect(highHrc - lowHrc).toBeLessThan(0.68 * 12 + 0.01);
          expect(steps).toBe(12);
        },
      ),
      { numRuns: 20 },
    );
  });

  it('says nothing where it is known already, or the log is short', () => {
    expect(learn({ evidence: known(2), stated }).hardness.get('known')).toBeUndefined();
    expect(learned([...known(1), ...truly(61, () => 56, 1)])).toBeUndefined();
  });
});
