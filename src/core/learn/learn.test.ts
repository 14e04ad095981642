import fc from 'fast-check';
import { calibrate, hardnessFromLog, OBSERVATION_SD, PRIOR_SD, withLearnedHardness } from '..';
import type { Session } from '../../domain/session';
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
    hardnessFromLog({ tool, tools: [...others, tool], sessions: worked(times) });

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
    expect(hardnessFromLog({ tool: open, tools: [open], sessions: [] })).toBeNull();
    const short = worked(1).map((s) => ({ ...s, after: { tests: [], findings: [] } }));
    expect(hardnessFromLog({ tool: open, tools: [open], sessions: short })).toBeNull();
  });

  it('goes into the plan and leaves the record alone', () => {
    const planned = withLearnedHardness(open, [...others, open], worked(0.5));
    expect(planned.steel.hardnessHighHrc).toBeLessThan(62);
    expect(open.steel.hardnessHighHrc).toBe(62);
    expect(withLearnedHardness(others[0]!, others, [])).toBe(others[0]);
  });
});
