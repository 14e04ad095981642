import fc from 'fast-check';
import { GRINDS, INK_SEEN, type Job, type StepTask } from '../../domain/terms';
import { TOOL_KINDS } from '../../domain/kinds';
import { finding, passedTest } from '../../domain/observation';
import type { Tool } from '../../domain/tool';
import { benchWith } from '../../testing/bench';
import { stone, strop, toolOf } from '../../testing/ladderFixtures';
import { planJob } from '../inspection';
import { plannedSteps } from '../touchUp';
import { flatAngle } from '../edge';
import {
  edgeHold,
  handLeans,
  heldStep,
  inkAnswer,
  liftOf,
  reachMm,
  shearingDeg,
  stepHold,
} from '.';

const coinThicknessMm = 2.33;

const abrasives = [
  stone(120, { id: 'file', name: 'mill file', family: 'file', form: 'file', lengthMm: 200 }),
  stone(60, { id: 'puck', form: 'puck', lengthMm: 75 }),
  stone(25, { id: 'pocket', lengthMm: 100 }),
  stone(9, { id: 'fine', lengthMm: 60 }),
  strop(1, { id: 'belt' }),
];

/** A plan of any job for any kind of tool and grind; null where nothing at hand does it. */
function planOf(kind: (typeof TOOL_KINDS)[number], grind: (typeof GRINDS)[number], job: Job) {
  const usual = toolOf(kind);
  const zone = { ...usual.zones[0]!, grind, hollowRadiusMm: grind === 'hollow' ? 100 : null };
  const tool: Tool = { ...usual, zones: [zone] };
  const plan = planJob({
    tool,
    zone,
    job,
    spineWork: null,
    aim: { grind: 'as it is', angleDeg: zone.bevelAngleDeg + 2 },
    seen: { tests: [passedTest('slides-on-nail')], findings: [finding('chip', 20, 0.2)] },
    knownApexUm: null,
    keenRadiusUm: null,
    sessions: [],
    bench: benchWith(abrasives),
  });
  return plan && { plan, held: { tool, zone, coinThicknessMm } };
}

const anyPlan = fc
  .tuple(
    fc.constantFrom(...TOOL_KINDS),
    fc.constantFrom(...GRINDS),
    fc.constantFrom<Job>('touch-up', 'thin', 'angle'),
  )
  .map((asked) => planOf(...asked))
  .filter((planned) => planned !== null && planned.plan.steps.length > 0)
  .map((planned) => planned!);

describe('the hold of a step', () => {
  it('is one for the plan, for the guide at its first stroke and for the log', () => {
    fc.assert(
      fc.property(anyPlan, ({ plan, held }) => {
        const logged = plannedSteps(plan, () => ({ doneWhen: [], warnings: [] }));
        plan.steps.forEach((step, i) => {
          expect(stepHold(logged[i]!, held)).toEqual(stepHold(heldStep(step), held));
        });
      }),
      { numRuns: 60 },
    );
  });

  it('is that of its stretch first, then that of the rest', () => {
    const band = planOf('felling-axe', 'convex', 'touch-up')!;
    const step = plannedSteps(band.plan, () => ({ doneWhen: [], warnings: [] })).find(
      ({ stretch }) => stretch !== null,
    )!;
    const first = stepHold(step, band.held)!;
    expect(first).toMatchObject({ angleDeg: step.stretch!.angleDeg, contact: 'band' });
    const rest = stepHold(step, band.held, step.stretch!.strokesPerSide)!;
    expect(rest).toMatchObject({ angleDeg: step.angleDeg, thenDeg: null, stretch: null });
    expect(first.angleDeg).toBeGreaterThan(rest.angleDeg);
  });

  it('is measured no farther behind the edge than the stone reaches', () => {
    fc.assert(
      fc.property(anyPlan, ({ plan, held }) => {
        for (const step of plan.steps) {
          const guide = stepHold(heldStep(step), held)?.guide;
          if (guide?.way !== 'tilt the stone') continue;
          expect(guide.leverMm).toBeLessThanOrEqual(step.abrasive.lengthMm);
          expect(guide.rearLiftMm).toBeCloseTo(
            guide.leverMm * Math.sin((guide.tiltDeg * Math.PI) / 180),
            9,
          );
        }
      }),
      { numRuns: 40 },
    );
    expect(reachMm(abrasives[3]!)).toBeLessThan(reachMm(abrasives[1]!)!);
  });

  it('has no back end to measure where a strop is drawn over a tool that lies still', () => {
    const { plan, held } = planOf('hatchet', 'convex', 'touch-up')!;
    const last = plan.steps.at(-1)!;
    expect(last.abrasive.kind).toBe('strop');
    expect(stepHold(heldStep(last), held)!.guide).toEqual({ way: 'draw it over' });
    const onBoard = planOf('flat-knife', 'secondary-bevel', 'touch-up')!;
    const strop = onBoard.plan.steps.at(-1)!;
    expect(stepHold(heldStep(strop), onBoard.held)!.guide.way).toBe('lift the spine');
  });

  it('is a lift and coins for a blade on a stone, a tilt for a stone over an axe, flat where it lies so', () => {
    const knife = toolOf('scandi-knife');
    const on = (tool: Tool, angleDeg: number) =>
      edgeHold({ tool, zone: tool.zones[0]!, coinThicknessMm }, angleDeg).guide;
    expect(on(knife, 15)).toMatchObject({ way: 'lift the spine', coins: { coins: 2 } });
    expect(on(toolOf('felling-axe'), 25)).toMatchObject({ way: 'tilt the stone', tiltDeg: 17 });
    const thick = { ...knife, bladeWidthMm: 8, spineThicknessMm: 6 };
    expect(flatAngle(thick)).toBeGreaterThan(15);
    expect(on(thick, 15).way).toBe('lay it flat');
  });

  it('is null on the spine', () => {
    const { held } = planOf('scandi-knife', 'scandi', 'touch-up')!;
    const step = {
      kind: 'stone',
      angleDeg: 90,
      stretch: null,
      facet: null,
      held: null,
      reachMm: 75,
    } as const;
    expect(
      stepHold({ ...step, task: 'file the spine square', plannedPerSide: 9 }, held),
    ).toBeNull();
  });
});

describe('what ink says of a hold', () => {
  const answers = (task: StepTask, facet: { number: number; of: number } | null = null) => {
    const { held } = planOf('flat-knife', 'secondary-bevel', 'touch-up')!;
    const step = {
      task,
      kind: 'stone',
      angleDeg: 14,
      stretch: null,
      facet,
      held: null,
      reachMm: 75,
      plannedPerSide: 30,
    } as const;
    const hold = stepHold(step, held)!;
    return (seen: (typeof INK_SEEN)[number]) => inkAnswer(seen, hold, step, held);
  };

  it('raises at the edge what leaves ink there, and lowers what takes it there alone', () => {
    const at = answers('restore the apex');
    expect(at('gone to the edge')).toEqual({ says: 'held so' });
    expect(at('left at the edge')).toMatchObject({ says: 'turn', turnDeg: 1 });
    expect(at('gone at the edge alone')).toMatchObject({ says: 'turn', turnDeg: -1 });
  });

  it('behind the edge and on the facets of an arc ink at the edge is right, and its going the fault', () => {
    for (const task of [
      'move the shoulders back',
      'polish behind the edge',
      'blend the arc',
    ] as const) {
      const at = answers(task);
      expect(at('left at the edge')).toEqual({ says: 'held so' });
      for (const seen of ['gone to the edge', 'gone at the edge alone'] as const)
        expect(at(seen)).toMatchObject({ says: 'turn' });
      const turned = at('gone to the edge');
      if (turned.says === 'turn') expect(turned.turnDeg).toBeLessThan(0);
    }
  });

  it('a band is right wherever ink is left behind it, on an arc too', () => {
    const { plan, held } = planOf('felling-axe', 'convex', 'touch-up')!;
    const step = plan.steps.map(heldStep).find(({ stretch }) => stretch !== null)!;
    const hold = stepHold(step, held)!;
    expect(hold.contact).toBe('band');
    for (const seen of ['left in the middle', 'left at the shoulder'] as const)
      expect(inkAnswer(seen, hold, step, held)).toEqual({ says: 'held so' });
  });

  it('a new face is done when it is gone to the edge, and goes on before', () => {
    const at = answers('grind the new angle');
    expect(at('left at the edge')).toEqual({ says: 'go on' });
    expect(at('gone to the edge')).toEqual({ says: 'done' });
  });

  it('the first facet of a new arc is to reach the edge, those behind it are to spare it', () => {
    const first = answers('grind a facet of the arc', { number: 1, of: 4 });
    expect(first('gone to the edge')).toEqual({ says: 'done' });
    const behind = answers('grind a facet of the arc', { number: 3, of: 4 });
    expect(behind('left at the edge')).toEqual({ says: 'held so' });
    expect(behind('gone to the edge')).toMatchObject({ says: 'turn' });
    const smoothed = answers('smooth the arc');
    expect(smoothed('left in the middle')).toMatchObject({ says: 'facet' });
  });

  it('turns by as many millimetres as the lift of the turned hold differs', () => {
    fc.assert(
      fc.property(anyPlan, fc.constantFrom(...INK_SEEN), ({ plan, held }, seen) => {
        for (const step of plan.steps.map(heldStep)) {
          const hold = stepHold(step, held);
          if (!hold) continue;
          const answer = inkAnswer(seen, hold, step, held);
          if (answer.says !== 'turn') continue;
          const to = stepHold(
            { ...step, stretch: null, angleDeg: hold.angleDeg + answer.turnDeg },
            held,
          )!;
          expect(to.angleDeg).toBeLessThanOrEqual(60);
          const [from, lift] = [liftOf(hold.guide), liftOf(to.guide)];
          if (answer.byMm === null) expect(from === null || lift === null).toBe(true);
          else expect(answer.byMm).toBeCloseTo(lift! - from!, 9);
        }
      }),
      { numRuns: 60 },
    );
  });
});

it('a burr is sheared off steeper than the face, and no steeper than a hand holds', () => {
  expect(shearingDeg(20)).toBe(45);
  expect(shearingDeg(40)).toBe(60);
});

describe('what practice tells of a hand', () => {
  const { plan, held } = planOf('flat-knife', 'secondary-bevel', 'touch-up')!;
  const hold = edgeHold(held);
  const first = plan.steps.find(({ task }) => task === 'restore the apex') ?? plan.steps[0]!;
  const step = { ...heldStep(first), stretch: null, motion: 'back-and-forth' as const };
  const learned = {
    sets: 8,
    wobble: { value: 2, low: 1.8, high: 2.2 },
    hands: {
      left: { wobbleDeg: 2.2, steeper: { value: 1.4, se: 0.2 } },
      right: { wobbleDeg: 1.8, steeper: { value: 0.2, se: 0.2 } },
    },
    backSteeper: { value: 2, se: 0.3 },
  };

  it('is named with its remedy in degrees and in the lift of this very tool', () => {
    const leans = handLeans(learned, hold, step, held);
    expect(leans.map(({ of }) => of)).toEqual(['left', 'back strokes']);
    expect(leans[0]!.steeperDeg).toBe(1.4);
    expect(leans[0]!.turnDeg).toBeCloseTo(-1.4, 9);
    expect(leans[0]!.byMm!).toBeLessThan(0);
    const there = stepHold({ ...step, angleDeg: hold.angleDeg - 1.4 }, held)!;
    expect(leans[0]!.byMm).toBeCloseTo(liftOf(there.guide)! - liftOf(hold.guide)!, 6);
  });

  it('says nothing without practice, and of back strokes only where there are any', () => {
    expect(handLeans(null, hold, step, held)).toEqual([]);
    const sweeps = handLeans(learned, hold, { ...step, motion: 'sweeps' }, held);
    expect(sweeps.map(({ of }) => of)).toEqual(['left']);
  });
});
