import fc from 'fast-check';
import { logAnswers, toolStories } from '.';
import { logByUsualTester } from '../log';
import { passedTest, readGrams, NO_CHECKS } from '../../domain/observation';
import { loggedSession } from '../../domain/loggedSession';
import type { LoggedSession, LoggedStep } from '../../domain/loggedSession';
import type { Inspection } from '../../domain/session';
import type { SharpnessTest } from '../../domain/terms';
import { USUAL_TRIP, type Trip } from '../../domain/trip';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';
import { daysRounder, edgeCourse } from './edgeCourse';
import { asUsualGrams, fitTester, gramsFromApex } from '../sharpness';
import { trendOf } from './gaps';
import { workMark } from './workMark';

/** Logs made by a known truth, and what is answered of them. */

const { hand } = sampleStandings();
const wren = sample.tools.find(({ id }) => id === 'wren')!;
const zone = wren.zones[0]!;
const now = '2027-06-01T12:00:00.000Z';
const dayAt = (day: number): string =>
  new Date(Date.parse('2026-01-01T12:00:00.000Z') + day * 86_400_000).toISOString();

const step = (more: Partial<LoggedStep> = {}): LoggedStep => ({
  itemId: 'fine-plate/fine',
  abrasiveName: 'fine plate',
  kind: 'stone',
  form: 'plate',
  sizeUm: 9,
  task: 'restore the apex',
  angleDeg: 15,
  motion: 'sweeps',
  plannedPerSide: 30,
  plannedApexUm: 1,
  learnedFactor: 1,
  left: 30,
  right: 30,
  activeSeconds: 60,
  byFeel: null,
  glints: [],
  tests: [],
  inkChecks: [],
  burrWalks: [],
  skipped: null,
  finishedAt: now,
  baseline: { strokes: 60, minutes: 2, hardnessHrc: 58, apexUm: 2 },
  ...more,
});

const strop = (more: Partial<LoggedStep> = {}): LoggedStep =>
  step({ itemId: 'belt', abrasiveName: 'belt', kind: 'strop', form: null, ...more });

const entry = (day: number, more: Partial<LoggedSession> = {}): LoggedSession => ({
  id: `day ${day}`,
  toolId: 'wren',
  zoneId: zone.id,
  job: 'touch-up',
  tripId: null,
  person: null,
  startedAt: dayAt(day),
  finishedAt: dayAt(day + 0.01),
  where: 'bench',
  workSince: null,
  written: 'in the guide',
  targetApexUm: zone.targetApexUm,
  stepIndex: 0,
  notes: '',
  before: { tests: [passedTest('slices-paper')], findings: [] },
  after: { tests: [passedTest('shaves')], findings: [] },
  steps: [step()],
  ...more,
});

const look = (day: number, test: SharpnessTest, more: Partial<Inspection> = {}): Inspection => ({
  id: `look ${day}`,
  createdAt: dayAt(day),
  updatedAt: dayAt(day),
  deletedAt: null,
  toolId: 'wren',
  zoneId: zone.id,
  tripId: null,
  at: dayAt(day),
  notes: '',
  seen: { tests: [passedTest(test)], findings: [] },
  lookedAlong: true,
  checks: NO_CHECKS,
  ...more,
});

const answersOf = (
  sessions: readonly LoggedSession[],
  inspections: readonly Inspection[] = [],
  trips: readonly Trip[] = [],
) =>
  logAnswers({
    tools: [wren],
    trips,
    sessions,
    inspections,
    shelf: sample,
    hand,
    forgotten: [],
    now,
  });
const edgeOf = (...log: Parameters<typeof answersOf>) => answersOf(...log).edges[0]!;

describe('an empty log', () => {
  it('answers nothing', () => {
    expect(answersOf([])).toMatchObject({
      plans: null,
      balance: null,
      hold: null,
      earned: [],
      tester: { pairs: [], scale: null },
      edges: [{ gaps: [], effort: null, endurance: [], damage: null, steel: null, story: null }],
    });
  });
});

describe('a trend', () => {
  it('is seen in a row that goes one way, and not below four values', () => {
    expect(trendOf([40, 30, 20])).toBeNull();
    expect(trendOf([40, 30, 20, 10])).toBe('falling');
    expect(trendOf([1, 2, 3, 3, 5])).toBe('rising');
    expect(trendOf([1, 9, 2, 8, 3, 7])).toBeNull();
  });

  it('turns round with its row, and one row in ten has it by chance at most', () => {
    const row = fc.array(fc.double({ min: 1, max: 100, noNaN: true }), { maxLength: 12 });
    fc.assert(
      fc.property(row, (values) => {
        const back = trendOf([...values].reverse());
        const ahead = trendOf(values);
        expect(back).toBe(ahead && (ahead === 'rising' ? 'falling' : 'rising'));
      }),
    );
    let seen = 0;
    const rows = fc.sample(
      fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 8, maxLength: 8 }),
      {
        numRuns: 400,
        seed: 7,
      },
    );
    for (const values of rows) if (trendOf(values)) seen += 1;
    expect(seen / rows.length).toBeLessThan(0.25);
  });
});

describe('how long an edge goes', () => {
  it('knows the days between stones, that they shrink, and the work between', () => {
    const days = [0, 120, 220, 300, 360];
    const log = days.map((day, i) =>
      entry(day, { workSince: i > 0 ? { amount: 50 - 10 * i, unit: 'cuts' } : null }),
    );
    const [stones] = edgeOf(log).gaps;
    expect(stones).toMatchObject({ between: 'stones', days: [120, 100, 80, 60], trend: 'sooner' });
    expect(stones!.work).toEqual({ unit: 'cuts', amounts: [40, 30, 20, 10], median: 25 });
    expect(edgeOf(log).story).toMatchObject({ kind: 'stones trend', trend: 'sooner' });
  });

  it('adds up the work of strops between two stones, and says none where one was not noted', () => {
    const noted = (day: number, amount: number | null, steps = [step()]) =>
      entry(day, { steps, workSince: amount ? { amount, unit: 'hours' } : null });
    const log = [noted(0, null), noted(10, 2, [strop()]), noted(20, 3), noted(40, 4)];
    const stones = edgeOf(log).gaps.find(({ between }) => between === 'stones')!;
    expect(stones.work!.amounts).toEqual([5, 4]);
    const gapped = [noted(0, null), noted(10, null, [strop()]), noted(20, 3), noted(40, 4)];
    expect(edgeOf(gapped).gaps[0]!.work).toBeNull();
  });

  it('does not end with a touch-up that was stopped at three strokes, nor is its steel doubled', () => {
    const whole = [0, 30, 60, 90, 120].map((day) => entry(day));
    const untested = { tests: [], findings: [] };
    const stopped = (strokes: number) =>
      entry(92, { after: untested, steps: [step({ left: strokes, right: 0 })] });
    const of = (...more: LoggedSession[]) => {
      const { gaps, steel } = edgeOf([...whole, ...more]);
      return { days: gaps[0]!.days, takenMm: steel!.pace.recessionMm };
    };
    expect(of(stopped(3)).days).toEqual(of().days);
    // Its three strokes of three hundred are steel all the same.
    expect(of(stopped(3)).takenMm / of().takenMm).toBeCloseTo(303 / 300, 9);
    // What was worked by most of its plan has done its work: it ends the days before it.
    expect(of(stopped(50)).days).toEqual([30, 30, 30, 2, 28]);
  });

  it('knows an edge that lives on the strop, and one that is left alone', () => {
    const stropped = [entry(0), ...[100, 200, 300].map((day) => entry(day, { steps: [strop()] }))];
    expect(edgeOf(stropped).story).toMatchObject({ kind: 'lives on the strop', strops: 3 });
    expect(edgeOf([entry(0)], [look(100, 'tears-paper')]).story).toMatchObject({
      kind: 'left alone',
      wasThinned: false,
    });
  });
});

it('what a tool’s own part of a log says first is what the whole log has', () => {
  const { tools, trips, inspections } = sample;
  const sessions = sample.sessions.map(loggedSession);
  const asked = { tools, trips, shelf: sample, hand, forgotten: [], now };
  const whole = logAnswers({ ...asked, sessions, inspections });
  const read = logByUsualTester({ sessions, inspections }, whole.tester.scale);
  let told = 0;
  for (const tool of tools) {
    const own = {
      trips,
      sessions: read.sessions.filter(({ toolId }) => toolId === tool.id),
      inspections: read.inspections.filter(({ toolId }) => toolId === tool.id),
    };
    const stories = whole.edges.filter(({ toolId, story }) => toolId === tool.id && story);
    const expected = stories.map(({ zoneId, story }) => ({ zoneId, story }));
    expect(toolStories(tool, own, now)).toEqual(expected);
    told += expected.length;
  }
  expect(told).toBeGreaterThan(5);
});

describe('strokes and minutes against before', () => {
  it('holds the older half of alike touch-ups against the newer', () => {
    const took = (day: number, strokes: number) =>
      entry(day, { steps: [step({ left: strokes, right: strokes, activeSeconds: 2 * strokes })] });
    const log = [took(0, 60), took(50, 50), took(100, 34), took(150, 30)];
    expect(edgeOf(log).effort).toMatchObject({
      mark: 'fine',
      before: 'slices-paper',
      after: 'shaves',
      entries: 4,
      then: { strokesPerSide: 55 },
      now: { strokesPerSide: 32 },
    });
    expect(edgeOf(log.slice(0, 3)).effort).toBeNull();
  });

  it('knows by how much plans missed, at first and now', () => {
    const log = Array.from({ length: 10 }, (_, i) => {
      const strokes = i < 5 ? 60 : 33;
      const tests = [{ ...passedTest('shaves'), strokes: 2 * strokes }];
      return entry(10 * i, { steps: [step({ left: strokes, right: strokes, tests })] });
    });
    const { plans } = answersOf(log);
    expect(plans!.first.times).toBeCloseTo(2, 9);
    expect(plans!.latest.times).toBeCloseTo(1.1, 9);
    expect(plans!.latest.off).toBeCloseTo(0.1, 9);
    expect(answersOf(log.slice(1)).plans).toBeNull();
  });
});

describe('endurance at a task', () => {
  it('is what the room up to tired holds of the true rate, by finish and angle', () => {
    const trip = (day: number): Trip => ({
      id: `trip ${day}`,
      createdAt: now,
      updatedAt: now,
      deletedAt: null,
      ...USUAL_TRIP,
      name: 'a day',
      days: 1,
      toolIds: ['wren'],
      notes: '',
      minutesPerTouchUp: 30,
      chipDepthMm: 0,
      startsOn: dayAt(day).slice(0, 10),
      work: [{ toolId: 'wren', day: 0, taskId: 'carve-dry', hours: 2, counted: null }],
    });
    const gauged = (day: number, apexUm: number, id: string): Inspection =>
      look(day, 'shaves', {
        id,
        seen: { tests: [readGrams(gramsFromApex({ apexRadiusUm: apexUm }))], findings: [] },
      });
    const looks = [30, 60].flatMap((day) => [
      gauged(day - 0.4, 0.5, `leaves ${day}`),
      gauged(day + 0.4, 0.9, `comes back ${day}`),
    ]);
    const log = [entry(0, { steps: [step({ sizeUm: 25, angleDeg: 15.2 })] })];
    const [carving] = edgeOf(log, looks, [trip(30), trip(60)]).endurance;
    expect(carving).toMatchObject({ taskId: 'carve-dry', finish: 'toothy', angleDeg: 15 });
    // 0.2 µm an hour; the room from the target to 2.2 times it.
    expect(carving!.untilTired).toBeCloseTo((1.2 * zone.targetApexUm) / 0.2, 1);
    expect(carving!.spells).toBe(2);
    expect(edgeOf(log, looks.slice(0, 2), [trip(30)]).endurance).toEqual([]);
  });
});

describe('damage', () => {
  const chip = { kind: 'chip', atMm: 40, depthMm: 0.1, side: null, band: null } as const;
  const chipped = (cause: 'work' | 'misuse', atMm = 40) => ({
    tests: [passedTest('slices-paper')],
    findings: [{ ...chip, atMm, cause, leftOnPurpose: false }],
  });

  it('is counted once at the angle that it came about at, by its cause', () => {
    const at = (angleDeg: number, task: LoggedStep['task'] = 'restore the apex') => [
      step({ angleDeg, task }),
    ];
    const log = [
      entry(0, { steps: at(11) }),
      entry(20, { steps: at(11, 'grind out damage'), before: chipped('work') }),
      entry(40, { steps: at(15) }),
      entry(60, { steps: at(15.3, 'grind out damage'), before: chipped('misuse', 70) }),
    ];
    const looks = [look(18, 'slices-paper', { seen: chipped('work') })];
    const { stays } = edgeOf(log, looks).damage!;
    expect(stays).toMatchObject([
      { angleDeg: 11, touchUps: 2, to: dayAt(40), found: { work: 1, misuse: 0 }, deepestMm: 0.1 },
      { angleDeg: 15, touchUps: 2, to: null, found: { work: 0, misuse: 1 } },
    ]);
  });

  it('says nothing of an edge that was hardly worked and never damaged', () => {
    expect(edgeOf([entry(0), entry(9)]).damage).toBeNull();
    expect(edgeOf([entry(0), entry(9), entry(20)]).damage!.stays[0]!.touchUps).toBe(3);
  });
});

describe('the hand', () => {
  it('is more even now, and holds the angle better, by known halves', () => {
    const log = Array.from({ length: 10 }, (_, i) => {
      const left = i < 5 ? 36 : 31;
      const seen = i < 5 && i !== 2 ? 'left at the edge' : 'gone to the edge';
      const inkChecks = [{ strokes: 20, seen }] as LoggedStep['inkChecks'];
      return entry(10 * i, { steps: [step({ left, right: 60 - left, inkChecks })] });
    });
    const { balance, hold } = answersOf(log);
    expect(balance!.offThen).toBeCloseTo(0.1, 9);
    expect(balance!.offNow).toBeCloseTo(1 / 60, 9);
    expect(hold).toEqual({ then: 0.2, now: 1, fault: 'left at the edge', looks: 10 });
    expect(answersOf(log.slice(3)).hold).toBeNull();
  });
});

describe('grams and tests', () => {
  const pairAt = (apexUm: number, grams: number) => ({ apexUm, grams });

  it('finds the tester behind its pairs, and reads it as the usual one would', () => {
    const scale = fc.record({
      restG: fc.double({ min: 5, max: 120, noNaN: true }),
      eachG: fc.double({ min: 60, max: 300, noNaN: true }),
    });
    fc.assert(
      fc.property(scale, ({ restG, eachG }) => {
        const pairs = [0.5, 1, 2, 4, 8].map((r) => pairAt(r, restG + eachG * r ** 0.8));
        const fitted = fitTester(pairs);
        expect(fitted.restG).toBeCloseTo(restG, 6);
        expect(fitted.eachG).toBeCloseTo(eachG, 6);
        expect(asUsualGrams(restG + eachG * 3 ** 0.8, fitted)).toBeCloseTo(
          gramsFromApex({ apexRadiusUm: 3 }),
          6,
        );
      }),
    );
  });

  it('fits the slope alone where all pairs are of one test', () => {
    expect(fitTester([pairAt(1, 250), pairAt(1, 250)])).toEqual({ restG: 50, eachG: 200 });
  });

  it('stays with the usual tester until ten pairs stand', () => {
    const paired = (day: number) =>
      look(day, 'push-cuts-newsprint', {
        seen: { tests: [passedTest('push-cuts-newsprint'), readGrams(220)], findings: [] },
      });
    const looks = Array.from({ length: 10 }, (_, i) => paired(i));
    expect(answersOf([], looks.slice(1)).tester.scale).toBeNull();
    expect(answersOf([], looks).tester).toMatchObject({ scale: { restG: 50, eachG: 170 } });
  });
});

describe('an edge read on a tester of one’s own', () => {
  it('stands as the usual tester would have it, and keeps what was read', () => {
    const paired = Array.from({ length: 10 }, (_, i) =>
      look(i, 'push-cuts-newsprint', {
        seen: { tests: [passedTest('push-cuts-newsprint'), readGrams(250)], findings: [] },
      }),
    );
    // 250 g on this tester is what the usual one reads as 200 g: a radius of 1 µm.
    const latest = look(20, 'shaves', { seen: { tests: [readGrams(250)], findings: [] } });
    const stateOf = (looks: readonly Inspection[]) =>
      sampleStandings(looks.map((each) => ({ ...each, at: `2027-${each.at.slice(5)}` })));
    const wrenOf = ({ states }: ReturnType<typeof stateOf>) =>
      states.find(({ tool }) => tool.id === 'wren')!.state;
    const known = stateOf([...paired, ...paired.map((p) => ({ ...p, id: `${p.id} b` })), latest]);
    expect(known.tester).not.toBeNull();
    expect(wrenOf(known).tests).toEqual(latest.seen.tests);
    const course = edgeOf([], [...paired, latest]).course.line.at(-1)!;
    expect(course.apexUm).toBeCloseTo(1, 6);
  });
});

describe('the course of an edge', () => {
  it('counts the days rounder than asked on an even way of ln r', () => {
    const keen = 1.25 * zone.targetApexUm;
    const at = (day: number, apexUm: number) =>
      look(day, 'shaves', {
        id: `${day}`,
        seen: { tests: [readGrams(gramsFromApex({ apexRadiusUm: apexUm }))], findings: [] },
      });
    const course = edgeCourse(
      wren,
      zone,
      [],
      [at(0, keen / 2), at(10, keen * 2), at(15, keen * 2)],
    );
    const days = daysRounder(course)!;
    expect(days.of).toBeCloseTo(15, 6);
    expect(days.rounder).toBeCloseTo(10, 0);
    expect(daysRounder({ ...course, line: course.line.slice(0, 1) })).toBeNull();
  });

  it('marks each entry by its heaviest rung', () => {
    const mark = (steps: LoggedStep[], job: LoggedSession['job'] = 'touch-up') =>
      workMark({ job, steps });
    expect(mark([strop()])).toBe('strop');
    expect(mark([step(), strop()])).toBe('fine');
    expect(mark([step({ sizeUm: 25 }), step()])).toBe('medium');
    expect(mark([step({ sizeUm: 60 }), step()])).toBe('coarse');
    expect(mark([step({ form: 'file', sizeUm: 90 }), step()])).toBe('file');
    expect(mark([step({ task: 'lay a turned edge straight' })])).toBe('hone');
    expect(mark([step()], 'thin')).toBe('thinned');
    expect(mark([step()], 'spine')).toBe('hook');
    expect(mark([step({ left: 0, right: 0, activeSeconds: 0 })])).toBe('tested');
  });
});

describe('which thing earns its grams', () => {
  it('counts minutes that were saved on past trips, and what nothing else could do', () => {
    const sessions = sample.sessions.filter(({ tripId }) => tripId !== null);
    const asked = { tools: sample.tools, sessions, inspections: [], shelf: sample, hand };
    const { earned } = logAnswers({ ...asked, trips: sample.trips, forgotten: [], now });
    const rod = earned.find(({ itemId }) => itemId === 'diamond-rod')!;
    expect(rod).toMatchObject({ trips: 2, usedOn: 1 });
    expect(rod.minutesPer100g).toBeCloseTo(rod.savedMinutes / ((rod.massG / 100) * 2), 9);
    // Where nothing else had gone along, the rod alone could have done the work.
    const alone = sample.trips.map((trip) => ({
      ...trip,
      carried: trip.carried.filter(({ itemId }) => itemId === 'diamond-rod'),
    }));
    const [only] = logAnswers({ ...asked, trips: alone, forgotten: [], now }).earned;
    expect(only!.itemId).toBe('diamond-rod');
    expect(only!.onlyFor).toBeGreaterThan(0);
    const ahead = logAnswers({ ...asked, trips: sample.trips, forgotten: [], now: dayAt(-300) });
    expect(ahead.earned).toEqual([]);
  });
});
