import fc from 'fast-check';
import { DEFAULT_PACE } from '../wear';
import { practiceOf, findLadder, type LadderAbrasive } from '.';
import { strokesLearned } from '../evidence';
import { USUAL_SCHOOLS, type Schools } from '../../domain/schools';
import { DAMAGE_WAYS } from '../../domain/terms';
import { usualHand } from '../../testing/bench';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';
import { TOOL_KINDS } from '../../domain/kinds';

const knife = faceOf('flat-knife');
const axe = faceOf('felling-axe');
const file = stone(100, { family: 'file', form: 'file', lengthMm: 200, lubricant: 'dry' });
const tired = { apexRadiusUm: 4, damageDepthMm: 0 };

describe('a planned ladder', () => {
  const plan = findLadder({
    zone: knife,
    condition: { apexRadiusUm: 8, damageDepthMm: 0.05 },
    target: { apexRadiusUm: 0.7, finishSizeUm: 15 },
    abrasives: [stone(45), stone(14), strop(1)],
  });

  it('walks from coarse to the strop, each step with its work and its span', () => {
    expect(plan.outcome).toBe('planned');
    expect(plan.steps.at(-1)!.task).toBe('strop');
    expect(plan.apexRadiusUm).toBeLessThanOrEqual(0.7);
    const sum = (key: 'minutes' | 'minutesLow' | 'minutesHigh') =>
      plan.steps.reduce((total, step) => total + step[key], 0);
    expect(plan.minutes).toBeCloseTo(sum('minutes'), 9);
    expect(plan.minutesLow).toBeCloseTo(sum('minutesLow'), 9);
    expect(plan.minutesHigh).toBeCloseTo(sum('minutesHigh'), 9);
    for (const step of plan.steps) {
      expect(step.strokesPerSideLow).toBeLessThanOrEqual(step.strokesPerSide);
      expect(step.strokesPerSideHigh / step.strokesPerSide).toBeCloseTo(2, 0);
      expect(step.learnedSteps).toBe(0);
    }
  });

  it('ends at a last stone as fine as its work asks for, whatever the apex', () => {
    const ends = (finishSizeUm: number) =>
      findLadder({
        zone: knife,
        condition: { apexRadiusUm: 8, damageDepthMm: 0 },
        target: { apexRadiusUm: 3, finishSizeUm },
        abrasives: [stone(45), stone(25), stone(9), strop(1)],
      }).steps.findLast(({ abrasive }) => abrasive.kind === 'stone')!.abrasive.sizeUm;
    expect(ends(15)).toBe(9);
    expect(ends(30)).toBeLessThanOrEqual(25);
    expect(ends(1)).toBe(9);
  });

  it('leaves a keen edge alone', () => {
    const keen = findLadder({
      zone: knife,
      condition: { apexRadiusUm: 0.6, damageDepthMm: 0 },
      target: { apexRadiusUm: 0.7 },
      abrasives: [stone(45)],
    });
    expect(keen).toMatchObject({ outcome: 'leave alone', steps: [], minutes: 0 });
  });

  it('strops a merely tired edge, never one with a chip, nor one that tears paper', () => {
    const at = (apexRadiusUm: number, damageDepthMm = 0) =>
      findLadder({
        zone: knife,
        condition: { apexRadiusUm, damageDepthMm },
        target: { apexRadiusUm: 1 },
        abrasives: [stone(14), strop(1)],
      }).steps.map((s) => s.abrasive.kind);
    expect(at(1.8)).toEqual(['strop']);
    expect(at(1.8, 0.2)[0]).toBe('stone');
    expect(at(4)[0]).toBe('stone');
  });

  it('closes with a strop on knives where one is at hand, and on request', () => {
    const last = (zone: typeof knife) =>
      findLadder({
        zone,
        condition: { apexRadiusUm: 8, damageDepthMm: 0 },
        target: { apexRadiusUm: 3 },
        abrasives: [stone(25), strop(1)],
      }).steps.at(-1)!.abrasive.kind;
    expect(last(knife)).toBe('strop');
    expect(last(axe)).toBe('stone');
    const always = practiceOf({ ...USUAL_SCHOOLS, stropAtEnd: 'always' }, 'felling-axe');
    expect(last({ ...axe, practice: always })).toBe('strop');
  });

  it('a strop promises what its own curve says at its own count, and takes a usual one', () => {
    const { steps } = findLadder({
      zone: knife,
      condition: { apexRadiusUm: 8, damageDepthMm: 0 },
      target: { apexRadiusUm: 0.7, finishSizeUm: 45 },
      abrasives: [stone(40), strop(1)],
    });
    const closing = steps.at(-1)!;
    expect(closing.strokesPerSide).toBeGreaterThanOrEqual(5);
    expect(closing.strokesPerSide).toBeLessThanOrEqual(13);
    expect(closing.apexRadiusUm).toBeGreaterThan(0.46);
    expect(closing.apexRadiusUm).toBeCloseTo(0.63, 1);
  });

  it('a file is never followed by a strop alone where a stone is owned', () => {
    const chipped = { apexRadiusUm: 9, damageDepthMm: 0.4 };
    const kinds = (abrasives: LadderAbrasive[], owned = abrasives) =>
      findLadder({
        zone: axe,
        condition: chipped,
        target: { apexRadiusUm: 1.2, finishSizeUm: 200 },
        abrasives,
        owned,
      }).steps.map(({ abrasive }) => (abrasive.id === file.id ? 'file' : abrasive.kind));
    expect(kinds([file, stone(45), strop(1)]).slice(0, 2)).toEqual(['file', 'stone']);
    expect(kinds([file, strop(1)])).toEqual(['file', 'strop']);
    expect(kinds([file, strop(1)], [file, strop(1), stone(45)])).toEqual(['file']);
  });

  it('refuses bad measures by name', () => {
    const input = { zone: knife, target: { apexRadiusUm: 1 }, abrasives: [] };
    expect(() =>
      findLadder({ ...input, condition: { apexRadiusUm: 0, damageDepthMm: 0 } }),
    ).toThrow('condition.apexRadiusUm');
    expect(() =>
      findLadder({ ...input, condition: { apexRadiusUm: 2, damageDepthMm: -1 } }),
    ).toThrow('condition.damageDepthMm');
  });
});

describe('a kit of little', () => {
  const pebble = stone(10, { family: 'novaculite', form: 'pebble', lengthMm: 70 });
  const plan = (zone: typeof knife, abrasives: LadderAbrasive[], apexRadiusUm = 4) =>
    findLadder({
      zone,
      condition: { apexRadiusUm, damageDepthMm: 0 },
      target: { apexRadiusUm: 0.3, finishSizeUm: 5 },
      abrasives,
    });

  it('of one stone ends as fine as it can, and says what it is short of', () => {
    const one = plan(knife, [stone(45)]);
    expect(one).toMatchObject({ outcome: 'planned', shortOf: { apex: true, finish: true } });
    expect(one.missingStone).toMatchObject({ owned: null, savesMinutes: null });
    expect(one.missingStone!.sizeUm).toBeLessThan(5);
  });

  it('of one pebble takes a tired hatchet in two minutes', () => {
    const hatchet = plan(faceOf('hatchet'), [pebble]);
    expect(hatchet.outcome).toBe('planned');
    expect(hatchet.minutes).toBeGreaterThan(1.5);
    expect(hatchet.minutes).toBeLessThan(4);
  });

  it('of one strop does what stropping does, and no more', () => {
    expect(plan(knife, [strop(1)], 0.5).steps).toHaveLength(1);
    expect(plan(knife, [strop(1)], 8)).toMatchObject({ outcome: 'out of reach', steps: [] });
  });

  it('of nothing is nothing, with the reason of each thing that does not fit', () => {
    expect(plan(knife, [])).toMatchObject({ outcome: 'out of reach', leftOut: [] });
    const unfit = plan(knife, [file]);
    expect(unfit.leftOut).toMatchObject([{ id: file.id, reason: { kind: 'file on a knife' } }]);
  });

  it('never ends at nothing where anything at hand bites', () => {
    const kinds = fc.constantFrom(...TOOL_KINDS);
    const size = fc.constantFrom(120, 60, 25, 9, 3, 1);
    const radius = fc.double({ min: 0.5, max: 15, noNaN: true });
    fc.assert(
      fc.property(kinds, size, radius, (kind, sizeUm, apexRadiusUm) => {
        const { outcome } = findLadder({
          zone: faceOf(kind),
          condition: { apexRadiusUm, damageDepthMm: 0 },
          target: { apexRadiusUm: 0.12, finishSizeUm: 0.5 },
          abrasives: [stone(sizeUm, { form: 'rod' })],
        });
        expect(outcome).toBe('planned');
      }),
    );
  });

  it('what is owned and lies elsewhere is never called missing', () => {
    const fine = stone(3, { name: 'fine plate at home' });
    const { missingStone } = findLadder({
      zone: knife,
      condition: tired,
      target: { apexRadiusUm: 0.35, finishSizeUm: 4 },
      abrasives: [stone(45)],
      owned: [stone(45), fine],
    });
    expect(missingStone).toMatchObject({ owned: 'fine plate at home', savesMinutes: null });
  });
});

describe('which rung', () => {
  const plan = (abrasives: LadderAbrasive[], apexRadiusUm = 8) =>
    findLadder({
      zone: knife,
      condition: { apexRadiusUm, damageDepthMm: 0 },
      target: { apexRadiusUm: 1, finishSizeUm: 15 },
      abrasives,
    });

  it('the finest first stone that costs at most a minute, or a fifth, more than the quickest', () => {
    fc.assert(
      fc.property(fc.double({ min: 3, max: 15, noNaN: true }), (apexRadiusUm) => {
        const chosen = plan([stone(60), stone(25), stone(14), stone(9)], apexRadiusUm);
        const quickest = chosen.quickest?.minutes ?? chosen.minutes;
        expect(chosen.minutes).toBeLessThanOrEqual(Math.max(quickest + 1, 1.2 * quickest) + 1e-9);
      }),
    );
  });

  it('names the quickest where it is another', () => {
    const chosen = plan([stone(25), stone(9)], 5);
    expect(chosen.steps[0]!.abrasive.sizeUm).toBe(9);
    if (chosen.quickest) expect(chosen.quickest.minutes).toBeLessThan(chosen.minutes);
  });

  it('minutes never fall by more than the stated factor as an edge gets worse', () => {
    const stones = [stone(100, { family: 'sic' }), stone(45), stone(25), stone(9), stone(4)];
    const radius = fc.double({ min: 1, max: 15, noNaN: true });
    const depth = fc.constantFrom(0, 0.05, 0.15, 0.4, 0.8);
    const worse = fc.double({ min: 1, max: 3, noNaN: true });
    const kinds = fc.constantFrom(...TOOL_KINDS.filter((kind) => kind !== 'recurve-hook'));
    const ways = fc.constantFrom(...DAMAGE_WAYS);
    fc.assert(
      fc.property(
        kinds,
        ways,
        radius,
        depth,
        worse,
        worse,
        (kind, damageWay, r, d, more, deeper) => {
          const at = (apexRadiusUm: number, damageDepthMm: number) =>
            findLadder({
              zone: faceOf(kind),
              condition: { apexRadiusUm, damageDepthMm },
              target: { apexRadiusUm: 0.7, finishSizeUm: 12 },
              abrasives: stones,
              damageWay,
              evenIfKeen: true,
            });
          const better = at(r, d);
          const { minutes } = at(more * r, deeper * d);
          const quickest = better.quickest?.minutes ?? better.minutes;
          const factor = Math.max(1.2, 1 + 1 / quickest);
          expect(minutes).toBeGreaterThanOrEqual(better.minutes / factor - 0.1);
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe('a chip', () => {
  const at = (damageWay: (typeof DAMAGE_WAYS)[number], zone = faceOf('scandi-knife')) =>
    findLadder({
      zone,
      condition: { apexRadiusUm: 4, damageDepthMm: 0.2 },
      target: { apexRadiusUm: 0.9 },
      abrasives: [stone(60), stone(25), stone(9), strop(1)],
      damageWay,
    });

  it('costs least left, more as a band, most off the whole face', () => {
    for (const kind of TOOL_KINDS.filter((each) => each !== 'recurve-hook')) {
      const [band, whole, left] = DAMAGE_WAYS.map((way) => at(way, faceOf(kind)).minutes);
      expect(left).toBeLessThanOrEqual(band! + 1);
      expect(band).toBeLessThanOrEqual(whole! + 1);
    }
  });

  it('of a band is ground three degrees steeper', () => {
    const [first] = at('narrow band').steps;
    expect(first).toMatchObject({ task: 'grind out damage', stretch: { angleDeg: 15 } });
  });

  it('of a chopping tool is ground along its own stretch, the rest only sharpened', () => {
    const [first] = findLadder({
      zone: axe,
      condition: {
        apexRadiusUm: 4,
        damageDepthMm: 0.25,
        damageStretch: { startMm: 62, endMm: 122 },
      },
      target: { apexRadiusUm: 2.67 },
      abrasives: [stone(45)],
      damageWay: 'narrow band',
    }).steps;
    expect(first!.stretch).toMatchObject({ startMm: 62, endMm: 110, angleDeg: 28 });
    expect(first!.stretch!.strokesPerSide).toBeLessThan(first!.strokesPerSide);
  });
});

describe('what the log has taught', () => {
  const learned = (factor: number, sdLn: number) => ({
    ...usualHand.learned,
    things: { 'stone-25': { factor, sdLn, steps: 4 } },
  });
  const plan = (calibration = usualHand.learned) =>
    findLadder({
      zone: knife,
      condition: { apexRadiusUm: 8, damageDepthMm: 0 },
      target: { apexRadiusUm: 1, finishSizeUm: 30 },
      abrasives: [stone(25)],
      calibration,
    }).steps[0]!;

  it('is in the strokes, the minutes and their span', () => {
    const taught = plan(learned(0.5, 0.1));
    expect(taught.strokesPerSide / plan().strokesPerSide).toBeCloseTo(0.5, 1);
    expect(taught.strokesPerSideHigh / taught.strokesPerSide).toBeCloseTo(Math.exp(0.1), 1);
    expect(taught).toMatchObject({ learnedFactor: 0.5, learnedSteps: 4, learnedFrom: 'itself' });
    expect(taught.minutes).toBeLessThan(plan().minutes);
  });

  it('of its family leaves open how far a thing lies from its like', () => {
    const hand = {
      ...usualHand.learned,
      families: { diamond: { factor: 2, sdLn: 0.1, steps: 9 } },
    };
    const { factor, sdLn, from } = strokesLearned(hand, { id: 'new', family: 'diamond' });
    expect([factor, from]).toEqual([2, 'its family']);
    expect(sdLn).toBeGreaterThan(0.35);
  });
});

describe('the schools of a keeper', () => {
  const planWith = (schools: Partial<Schools>) =>
    findLadder({
      zone: { ...knife, practice: practiceOf({ ...USUAL_SCHOOLS, ...schools }, 'flat-knife') },
      condition: { apexRadiusUm: 9, damageDepthMm: 0.1 },
      target: { apexRadiusUm: 1.2, finishSizeUm: 15 },
      abrasives: [stone(60), stone(25), stone(9), stone(3), strop(1)],
    });

  it('toothy is one stone and a strop', () => {
    expect(planWith({ finish: 'toothy' }).steps).toHaveLength(2);
  });

  it('light hands take longer', () => {
    const light = planWith({ pressure: 'light throughout' });
    expect(light.minutes).toBeGreaterThan(planWith({}).minutes);
    for (const step of light.steps) expect(step.forceN).toBeLessThanOrEqual(4);
  });

  it('shearing the burr costs ten strokes, and leaves the apex finer', () => {
    const only = (burr: Schools['burr']) =>
      planWith({ burr, finish: 'toothy', stropAtEnd: 'only when needed' }).steps[0]!;
    expect(only('shear it off').apexRadiusUm).toBeLessThan(only('strop it off').apexRadiusUm);
    const { strokesPerSide, minutes } = only('shear it off');
    const alternating = only('alternate light strokes');
    expect(strokesPerSide).toBe(alternating.strokesPerSide);
    expect(minutes - alternating.minutes).toBeCloseTo(10 / DEFAULT_PACE.sweeps, 9);
  });

  it('close and wide grit steps keep to their jumps', () => {
    const jumps = (gritSteps: Schools['gritSteps']) =>
      planWith({ gritSteps, finish: 'polished' })
        .steps.filter(({ abrasive }) => abrasive.kind === 'stone')
        .flatMap(({ jumpRatio }) => jumpRatio ?? []);
    for (const jump of jumps('many close')) expect(jump).toBeLessThanOrEqual(3);
    for (const jump of jumps('few')) expect(jump).toBeGreaterThanOrEqual(4);
  });

  it('a firm strop and a lower hold change the count', () => {
    const strokes = (schools: Partial<Schools>) => planWith(schools).steps.at(-1)!.strokesPerSide;
    expect(strokes({ stropPressure: 'own weight' })).toBeGreaterThan(strokes({}));
    expect(strokes({ stropAngle: 'a little below' })).toBeGreaterThan(strokes({}));
  });

  it('the hand moves as its keeper moves it', () => {
    expect(planWith({ motion: 'circles' }).steps[0]!.motion).toBe('circles');
    expect(planWith({ motion: 'edge trailing' }).steps[0]!.direction).toBe('edge trailing');
  });
});
