import fc from 'fast-check';
import { edgeTarget, shelfAbrasives, workingFace } from '../ladder';
import { usualHand } from '../../testing/bench';
import { toolOf } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';
import { TRIP_TASKS, zoneForTask } from '../../domain/tripTasks';
import { USUAL_TRIP } from '../../domain/trip';
import { tasksOf } from '../../domain/tasks';
import { Draws, namedStream, partOf } from '../random';
import { remembered } from '../remembered';
import {
  edgeCosts,
  edgeRuns,
  forecastTrip,
  rustRisk,
  setAdvice,
  tripProblem,
  tripShelf,
  type TripProblem,
} from '.';
import { simulateEdge } from './simulateEdge';
import type { TripEdge } from './types';
import { edgeWear } from '../wear';
import type { ToolKind } from '../../domain/kinds';

const abrasives = shelfAbrasives(sample).map(({ abrasive }) => abrasive);

/** An edge of a typical tool with hours of one task on each of some days. */
function edge(
  kind: ToolKind,
  taskId: string,
  hours: readonly number[],
  change: Partial<TripEdge> = {},
): TripEdge {
  const tool = toolOf(kind);
  const zone = tool.zones[0]!;
  const face = workingFace(tool, zone);
  const task = TRIP_TASKS.find(({ id }) => id === taskId)!;
  const costs = edgeCosts({
    face,
    target: edgeTarget(tool, zone, 'field'),
    abrasives,
    hand: usualHand,
  });
  const needUm = Math.max(tasksOf([task.asks])[0]!.neededApexUm, 1.5 * zone.targetApexUm);
  return {
    id: `${kind}/${taskId}`,
    toolId: kind,
    zoneId: zone.id,
    targetUm: zone.targetApexUm,
    startChipMm: 0,
    startUm: Math.min(zone.targetApexUm, costs.finishUm),
    copies: 1,
    toolSdLn: 0.7,
    work: hours.map((each, day) => ({
      day,
      taskId,
      hours: each,
      wear: edgeWear(task, face),
      learnedFactor: 1,
      needUm,
    })),
    fromDay: 0,
    midJobCosts: costs,
    eveningCosts: costs,
    ...change,
  };
}

const usualPolicy = { ...USUAL_TRIP.policy, chipsInEvening: true, midJobStops: 0 };
const problem = (edges: TripEdge[], change: Partial<TripProblem> = {}): TripProblem => ({
  days: 1,
  edges,
  runs: 1500,
  seed: 7,
  policy: usualPolicy,
  ...change,
});
const never = { ...usualPolicy, stropAt: 20, stoneAt: 50, repairMm: 5, midJobStops: 0 };
const days = (trip: TripProblem) => forecastTrip(trip).edges[0]!.days;

describe('draws', () => {
  it('hang on their names alone, and are spread as they should be', () => {
    expect(new Draws(5).even()).toBe(new Draws(5).even());
    expect(namedStream('a/b', 1)).not.toBe(namedStream('a/b', 2));
    const stream = namedStream('normal', 1);
    const drawn = (i: number) => new Draws(partOf(stream, i));
    const normals = Array.from({ length: 4000 }, (_, i) => drawn(i).normal());
    const mean = normals.reduce((a, b) => a + b, 0) / normals.length;
    const variance = normals.reduce((a, b) => a + (b - mean) ** 2, 0) / normals.length;
    expect(Math.abs(mean)).toBeLessThan(0.06);
    expect(Math.abs(variance - 1)).toBeLessThan(0.08);
    const waits = Array.from({ length: 4000 }, (_, i) => drawn(4000 + i).exponential());
    expect(waits.reduce((a, b) => a + b, 0) / waits.length).toBeCloseTo(1, 1);
  });
});

describe('the forecast of a trip', () => {
  it('without work dulls nothing and asks for nothing', () => {
    const [day] = days(problem([edge('scandi-knife', 'carve-dry', [])]));
    expect(day!.evening.high).toBeCloseTo(day!.overnight.low, 9);
    expect(day!.eveningMinutes.mean + day!.midJobMinutes.mean).toBe(0);
  });

  it('of an untouched edge is r₀ + rate · hours, by the means of its spreads', () => {
    const own = edge('scandi-knife', 'carve-dry', [2], { toolSdLn: 0.4 });
    const [day] = days(problem([own], { policy: never, runs: 6000 }));
    const grown = own.work[0]!.wear.umPerHour * 2;
    const means = Math.exp((0.4 ** 2 + 0.3 ** 2 + 0.25 ** 2) / 2);
    expect((day!.evening.mean - own.startUm) / (grown * means)).toBeCloseTo(1, 1);
    expect((day!.evening.median - own.startUm) / grown).toBeCloseTo(1, 1);
  });

  it('repairs as often as 1 − E[exp(−λ·h)] where every chip is repaired', () => {
    const own = edge('machete', 'ground', [4]);
    const every = { ...never, repairMm: 0.0001 };
    const [day] = days(problem([own], { policy: every, runs: 6000 }));
    const { chipsPerHour } = own.work[0]!.wear;
    const expected =
      Array.from(
        { length: 6000 },
        (_, i) => 1 - Math.exp(-chipsPerHour * 4 * new Draws(partOf(99, i)).spread(0.25)),
      ).reduce((a, b) => a + b, 0) / 6000;
    expect(day!.chipChance).toBeCloseTo(expected, 1);
    const { strop, stone, file } = day!.eveningWork;
    expect(strop + stone + file).toBeCloseTo(day!.chipChance, 2);
  });

  it('is the same for one seed, and another tool’s change leaves the others alone', () => {
    const [wren, hob] = [
      edge('scandi-knife', 'carve-dry', [2, 3]),
      edge('felling-axe', 'chop', [3, 3]),
    ];
    const both = forecastTrip(problem([wren, hob], { days: 2 }));
    const more = { ...hob, work: hob.work.map((job) => ({ ...job, hours: 6 })) };
    const changed = forecastTrip(problem([wren, more], { days: 2 }));
    expect(changed.edges[0]).toEqual(both.edges[0]);
    expect(changed.edges[1]).not.toEqual(both.edges[1]);
    expect(forecastTrip(problem([wren, hob], { days: 2 }))).toEqual(both);
  });

  it('comes out the same with edges remembered, of which a change has one run anew', () => {
    const anew = jest.fn(edgeRuns);
    const runsOf = remembered(anew, 20);
    const painted = (hours: number): TripProblem => {
      const wren = edge('scandi-knife', 'carve-dry', [2, 3]);
      const hob = edge('felling-axe', 'chop', [3, hours]);
      return problem([wren, hob], { days: 2, runs: 200 });
    };
    for (const [hours, runs] of [
      [3, 2],
      [6, 3],
      [3, 3],
      [0, 4],
    ] as const) {
      expect(forecastTrip(painted(hours), runsOf)).toEqual(forecastTrip(painted(hours)));
      expect(anew).toHaveBeenCalledTimes(runs);
    }
  });

  it('an untouched edge only grows with hours, under one seed', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 6, noNaN: true }), (hours) => {
        const at = (h: number) =>
          days(problem([edge('scandi-knife', 'carve-dry', [h])], { policy: never, runs: 60 }))[0]!;
        const [less, more] = [at(hours), at(hours * 1.2)];
        expect(more.evening.median).toBeGreaterThan(less.evening.median);
        expect(more.evening.high).toBeGreaterThan(less.evening.high);
      }),
      { numRuns: 12 },
    );
  });

  it('never works on an edge that nothing carried works, and says how long it went below its need', () => {
    const none = { worn: [], chipped: [], finishUm: 0.8 };
    const [day] = days(
      problem([edge('scandi-knife', 'carve-dry', [8], { midJobCosts: none, eveningCosts: none })]),
    );
    expect(day!.eveningMinutes.mean).toBe(0);
    expect(day!.belowHours.median).toBeGreaterThan(2);
  });
});

describe('cadences', () => {
  /** How often, on average, something comes in mid-job on a day with this work. */
  const stopsIn = (kind: ToolKind, taskId: string, hours: number): number => {
    const own = edge(kind, taskId, [hours]);
    const [day] = days(problem([own], { policy: { ...never, midJobStops: 20 } }));
    const { midJobMinutes } = day!;
    return midJobMinutes.mean > 0 ? day!.midJob.strop + day!.midJob.stone + day!.midJob.file : 0;
  };

  it('carving seasoned wood for two hours wants something in between, nearly always', () => {
    expect(stopsIn('scandi-knife', 'carve-dry', 2)).toBeGreaterThan(0.6);
    expect(stopsIn('scandi-knife', 'carve-dry', 0.25)).toBeLessThan(0.3);
  });

  it('chopping three hours a day wants a stone nearly each day', () => {
    const all = days(problem([edge('felling-axe', 'chop', [3, 3, 3, 3])], { days: 4 }));
    const each = all.map(
      ({ eveningWork }) => eveningWork.stone + eveningWork.file + eveningWork.strop,
    );
    expect(each.reduce((a, b) => a + b, 0) / 4).toBeGreaterThan(0.55);
  });

  it('a camp knife at half an hour a week is stropped, and hardly sees a stone in ten weeks', () => {
    const weeks = Array.from({ length: 10 }, () => 0.5);
    const all = days(problem([edge('scandi-knife', 'carve-green', weeks)], { days: 10 }));
    const stones = all.reduce((sum, { eveningWork }) => sum + eveningWork.stone, 0);
    expect(stones).toBeLessThan(2.5);
  });

  it('two parers alike are swapped before anything is sharpened', () => {
    const pair = edge('parer', 'hide', [3], { copies: 2 });
    const one = edge('parer', 'hide', [3]);
    const [withTwo] = days(problem([pair], { policy: never }));
    const [withOne] = days(problem([one], { policy: never }));
    expect(withTwo!.swaps).toBeGreaterThan(0.5);
    expect(withTwo!.belowHours.mean).toBeLessThan(withOne!.belowHours.mean);
  });

  it('a chip stays on the knife that got it, whichever is taken up next', () => {
    const chips = { needUm: 2, wear: { umPerHour: 1, chipsPerHour: 3 } };
    const all = edge('parer', 'hide', [3], { copies: 4 });
    const set = { ...all, work: all.work.map((job) => ({ ...job, ...chips })) };
    const repairing = { ...never, repairMm: 0.01, chipsInEvening: true };
    // Chips so often that each of the four has one by the evening, and is repaired of its own.
    const days = Array.from({ length: 40 }, (_, run) => simulateEdge(set, repairing, 1, run)[0]!);
    const repairs = days.map(({ eveningEvents }) => eveningEvents.length);
    expect(days.some(({ swaps }) => swaps > 0)).toBe(true);
    expect(Math.max(...repairs)).toBe(4);
    // A set that is worked so briefly that no knife is swapped for another has one chipped knife at most.
    const short = { ...set, work: set.work.map((job) => ({ ...job, hours: 0.3 })) };
    for (let run = 0; run < 40; run += 1) {
      const { eveningEvents, swaps } = simulateEdge(short, repairing, 1, run)[0]!;
      if (swaps === 0) expect(eveningEvents.length).toBeLessThanOrEqual(1);
    }
  });
});

describe('what goes along', () => {
  it('refuses stones that soak up more than a day has, with the sum', () => {
    const wet = sample.abrasives.map((item) => ({ ...item, place: 'pack' as const }));
    const shelf = { ...sample, abrasives: wet };
    expect(tripShelf(shelf, USUAL_TRIP).refused).toEqual([]);
    const dry = { ...USUAL_TRIP, waterMlPerDay: 60 };
    const { refused, carried: left, evening } = tripShelf(shelf, dry);
    expect(evening).toBe(left);
    expect(refused.map(({ name, waterMl }) => [name, waterMl])).toEqual([
      ['bench water stone, 1000 side', 88],
      ['bench water stone, 6000 side', 88],
    ]);
    expect(left.some(({ name }) => name.startsWith('bench water stone'))).toBe(false);
    const home = tripShelf(shelf, { ...dry, nights: 'at home' });
    expect(home.evening.some(({ name }) => name.startsWith('bench water stone'))).toBe(true);
  });

  it('leaves what must lie flat unused where nothing does', () => {
    const shelf = {
      ...sample,
      abrasives: sample.abrasives.map((s) => ({ ...s, place: 'pack' as const })),
    };
    const { refused, carried } = tripShelf(shelf, { ...USUAL_TRIP, hasFlat: false });
    expect(refused.length).toBeGreaterThan(0);
    expect(refused.every(({ why }) => why === 'flat')).toBe(true);
    const forms = carried.map((own) => (own.kind === 'stone' ? own.form : own.kind));
    expect(forms).not.toContain('bench-stone');
    expect(forms).not.toContain('paper');
    expect(forms).toContain('puck');
  });

  it('has in mid-job the belt alone where the person has it so, and then takes longer or goes on dull', () => {
    const kit = { ...USUAL_TRIP.kit, midJobFromBelt: true };
    const shelf = {
      ...sample,
      abrasives: sample.abrasives.map((stone) => ({
        ...stone,
        place: stone.id === 'paper-1500' ? ('pouch' as const) : ('pack' as const),
      })),
    };
    const { midJob, carried } = tripShelf(shelf, { ...USUAL_TRIP, kit });
    const stones = midJob.filter(({ kind }) => kind === 'stone');
    expect(stones.map(({ id }) => id.split('/')[0])).toEqual(['paper-1500']);
    expect(carried.length).toBeGreaterThan(midJob.length);
    expect(tripShelf(shelf, USUAL_TRIP).midJob).toHaveLength(carried.length);

    const [trip] = sample.trips;
    const { states, hand } = sampleStandings();
    const outcome = (midJobFromBelt: boolean) => {
      const own = { ...trip!, kit: { ...trip!.kit, midJobFromBelt } };
      const forecast = forecastTrip(
        tripProblem({ trip: own, zones: states, shelf, hand, runs: 200, seed: 3 }),
      );
      const days = forecast.edges.flatMap((each) => each.days);
      const below = days.reduce((sum, { belowHours }) => sum + belowHours.mean, 0);
      return { minutes: forecast.minutes.mean, below };
    };
    const [belt, all] = [outcome(true), outcome(false)];
    expect(belt.minutes + 60 * belt.below).toBeGreaterThan(all.minutes + 60 * all.below);
  });

  it('gives work to the edge that is kept for it, and strikes with none that must not be struck', () => {
    const bracken = sample.tools.find(({ id }) => id === 'bracken')!;
    const zoneOf = (id: string) =>
      zoneForTask(
        bracken,
        TRIP_TASKS.find((task) => task.id === id)!,
      );
    expect(zoneOf('brush').name).toBe('chopping stretch');
    expect(zoneOf('ground').noImpacts).toBe(false);
  });

  it('carbon steel rusts in salt and wet, stainless hardly', () => {
    const steel = toolOf('felling-axe').steel;
    const stainless = { ...steel, stainless: 'yes' as const };
    expect(rustRisk({ steel: { ...steel, stainless: 'no' } }, ['salt'])).toBe('high');
    expect(rustRisk({ steel: stainless }, ['salt'])).toBe('some');
    expect(rustRisk({ steel: stainless }, ['dry'])).toBe('none');
  });
});

describe('ways of the person', () => {
  const rough = (change: Partial<TripProblem['policy']>) =>
    days(
      problem([edge('machete', 'ground', [6, 6])], {
        days: 2,
        policy: { ...usualPolicy, ...change },
      }),
    );

  it('a chip that is deep enough sends the tool home, and its hours are lost', () => {
    const [first, second] = rough({ goHomeMm: 0.02 });
    expect(first!.homeChance).toBeGreaterThan(0.1);
    expect(second!.homeChance).toBeGreaterThanOrEqual(first!.homeChance);
    expect(second!.lostHours).toBeGreaterThan(first!.lostHours);
    const [stays] = rough({ goHomeMm: null });
    expect([stays!.homeChance, stays!.lostHours]).toEqual([0, 0]);
  });

  it('without light chips wait for a stop in mid-job', () => {
    const none = { ...usualPolicy, stropAt: 20, stoneAt: 50, repairMm: 0.02 };
    const dark = rough({ ...none, chipsInEvening: false });
    const light = rough({ ...none, chipsInEvening: true });
    expect(dark[0]!.eveningMinutes.mean).toBeLessThan(light[0]!.eveningMinutes.mean / 4);
  });

  it('a set that gives up is helped by one more or by a stop more, whichever loses less', () => {
    const pair = edge('parer', 'hide', [6], { copies: 2 });
    const own = problem([pair]);
    const [advice] = setAdvice(own, forecastTrip(own));
    expect(advice).toMatchObject({ edgeId: pair.id, copies: 2, day: 0 });
    const { asPlanned, oneMore, oneStopMore } = advice!;
    expect(oneMore.belowHours).toBeLessThan(asPlanned.belowHours);
    expect(oneStopMore.belowHours).toBeLessThan(asPlanned.belowHours);
    const lost = (way: typeof oneMore) => way.minutes + 60 * way.belowHours;
    expect(advice!.cheaper).toBe(lost(oneMore) <= lost(oneStopMore) ? 'one more' : 'touch-up');
    const single = problem([edge('parer', 'hide', [6])]);
    expect(setAdvice(single, forecastTrip(single))).toEqual([]);
    const easy = problem([edge('parer', 'food', [0.5], { copies: 2 })]);
    expect(setAdvice(easy, forecastTrip(easy))).toEqual([]);
  });
});
