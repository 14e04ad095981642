import fc from 'fast-check';
import type { Trip } from '../../domain/trip';
import type { EdgeNeed } from '../inspection';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';
import { costAt } from './edgeCosts';
import { forecastTrip, maintenancePlan, travelling, tripProblem, tripWhatIf } from '.';

const [kept] = sample.trips;
const stands = sampleStandings();

/** The plan of the sample's trip, changed. */
function planned(change: Partial<Trip> = {}, runs = 200) {
  const trip = { ...kept!, ...change };
  const problem = tripProblem({
    trip,
    zones: stands.states,
    shelf: sample,
    hand: stands.hand,
    runs,
    seed: 3,
  });
  const forecast = forecastTrip(problem);
  const { needs } = stands;
  return {
    problem,
    forecast,
    plan: maintenancePlan({ trip, tools: sample.tools, needs, problem, forecast }),
  };
}

describe('what to do about a trip', () => {
  const usual = planned();

  it('before leaving: the tools that go, coarse first, so that stones are shared', () => {
    const { home } = usual.plan;
    expect(home.every(({ need }) => kept!.toolIds.includes(need.tool.id))).toBe(true);
    const sizes = home.map(({ need }) => need.plan!.steps[0]!.abrasive.sizeUm);
    expect(sizes).toEqual([...sizes].sort((a, b) => b - a));
    const minutes = home.map(({ need, minutes: own }) => [own, need.plan!.minutes]);
    minutes.forEach(([own, plan]) => expect(own).toBe(plan));
  });

  it('before leaving: what was never tested is tested first, what nothing works is named', () => {
    const [need] = stands.needs.filter(({ plan }) => plan?.outcome === 'planned');
    const unknown = { ...need!.state, word: 'unknown' as const, apex: null };
    const change = (state: EdgeNeed['state'], plan: EdgeNeed['plan']) =>
      stands.needs.map((own) => (own === need ? { ...own, state, plan, beyond: null } : own));
    const plan = (needs: EdgeNeed[]) => {
      const { problem, forecast } = usual;
      return maintenancePlan({ trip: kept!, tools: sample.tools, needs, problem, forecast });
    };
    const tested = plan(change(unknown, null)).home;
    expect(tested[0]!.need.zone.id).toBe(need!.zone.id);
    expect(tested[0]!.minutes).toBe(1);
    expect(tested).toHaveLength(usual.plan.home.length);
    const hopeless = plan(change(need!.state, { ...need!.plan!, outcome: 'out of reach' }));
    expect(hopeless.home).toHaveLength(usual.plan.home.length - 1);
    expect(hopeless.outOfReach.map(({ zone }) => zone.id)).toEqual([need!.zone.id]);
  });

  it('before leaving: a tool that a rule keeps at home asks for nothing', () => {
    const toolId = usual.plan.home[0]!.need.tool.id;
    const { home } = planned({ forbidden: [{ toolId, rule: 'forbidden there' }] }).plan;
    expect(home.length).toBeGreaterThan(0);
    expect(home.some(({ need }) => need.tool.id === toolId)).toBe(false);
  });

  it('out there: chances and minutes of the forecast, and nothing that hardly ever comes', () => {
    for (const day of usual.plan.out) {
      for (const line of [...day.midJob, ...day.evening]) {
        expect(line.chance).toBeGreaterThanOrEqual(0.1);
        expect(line.minutes).toBeGreaterThan(0);
      }
      expect(day.eveningMinutes).toEqual(usual.forecast.eveningMinutes[day.day]);
    }
    const wednesday = usual.plan.out[2]!;
    expect(wednesday.evening.some(({ toolId }) => toolId === 'bracken')).toBe(true);
  });

  it('an evening that is too short says by how much, and which edges may wait', () => {
    const { plan, problem } = planned({ minutesPerEvening: 0 });
    const over = plan.out.filter(({ overMinutes }) => overMinutes > 0);
    expect(over.length).toBeGreaterThan(0);
    for (const { day, leave } of over) {
      for (const id of leave) {
        const { work } = problem.edges.find((edge) => edge.id === id)!;
        expect(work.some((job) => job.day === day + 1)).toBe(false);
      }
    }
    expect(usual.plan.out.every(({ overMinutes }) => overMinutes === 0)).toBe(true);
  });

  it('tools that a rule keeps at home, and those that must not be used, do not travel', () => {
    const trip = { ...kept!, forbidden: [{ toolId: 'bracken', rule: 'no blades in the reserve' }] };
    const ids = new Set(travelling(trip, stands.states).map(({ tool }) => tool.id));
    expect(ids.has('bracken')).toBe(false);
    expect(ids.has('wren')).toBe(true);
    const withKnap = { ...kept!, toolIds: [...kept!.toolIds, 'knap'] };
    const knap = travelling(withKnap, stands.states).some(({ tool }) => tool.id === 'knap');
    const stopped = stands.states.some(({ tool, stops }) => tool.id === 'knap' && stops.length > 0);
    expect(knap).toBe(!stopped);
  });

  it('less work never asks for more minutes, over all', () => {
    const half = kept!.work.map((job) => ({ ...job, hours: job.hours / 2 }));
    const minutes = ({ forecast }: ReturnType<typeof planned>): number =>
      [...forecast.eveningMinutes, ...forecast.midJobMinutes].reduce(
        (sum, { mean }) => sum + mean,
        0,
      );
    expect(minutes(planned({ work: half }))).toBeLessThan(minutes(usual));
    expect(minutes(planned({ work: [] }))).toBe(0);
  });

  it('more stops in mid-job leave less work below what it needs', () => {
    const below = ({ forecast }: ReturnType<typeof planned>): number =>
      forecast.edges
        .flatMap(({ days }) => days)
        .reduce((sum, { belowHours }) => sum + belowHours.mean, 0);
    expect(below(planned({ midJobStops: 6 }))).toBeLessThan(below(planned({ midJobStops: 0 })));
  });
});

describe('what if', () => {
  const waysOf = (toolId: string) =>
    tripWhatIf(
      {
        trip: kept!,
        zones: stands.states,
        shelf: sample,
        hand: stands.hand,
        runs: 300,
        seed: 3,
      },
      toolId,
    );
  const outcomes = waysOf('old-hob');
  const of = (kind: string) => outcomes.find(({ change }) => change.kind === kind)!;

  it('sets other ways beside the plan, over the same chances', () => {
    expect(of('as planned').minutes).toBeGreaterThan(0);
    expect(of('keener').belowHours).toBeLessThanOrEqual(of('as planned').belowHours + 1e-9);
    expect(of('one more').belowHours).toBeLessThanOrEqual(of('as planned').belowHours + 0.2);
  });

  it('are those of the tool that is taken up, with every set of knives alike', () => {
    const kinds = (toolId: string) =>
      waysOf(toolId).map(({ change }) =>
        'toolId' in change ? `${change.kind} ${change.toolId}` : change.kind,
      );
    expect(kinds('old-hob')).toEqual([
      ...['as planned', 'keener old-hob', 'micro-bevel old-hob', 'one more sprig', 'without files'],
    ]);
    // Wren has a micro-bevel already, and a second one of it may go along.
    expect(kinds('wren').filter((kind) => kind.includes('wren'))).toEqual([
      'keener wren',
      'one more wren',
    ]);
    // The stretch of Bracken that works has one; that its other stretch has none is no way out.
    expect(kinds('bracken')).not.toContain('micro-bevel bracken');
    expect(kinds('nothing')).toEqual(['as planned', 'one more sprig', 'without files']);
  });

  it('a micro-bevel chips on fewer days, as it stands steeper', () => {
    expect(of('micro-bevel').chips).toBeLessThan(of('as planned').chips);
  });

  it('a way that changes nothing of an edge leaves its figures as they are', () => {
    expect(of('without files').chips).toBeCloseTo(of('as planned').chips, 9);
    expect(of('keener').chips).toBeCloseTo(of('as planned').chips, 9);
  });
});

describe('what a touch-up costs', () => {
  const { edges } = planned().problem;

  it('is never less with a chip than without, and nothing where nothing works it', () => {
    const edge = fc.constantFrom(...edges);
    const ratio = fc.double({ min: 1, max: 12, noNaN: true });
    fc.assert(
      fc.property(edge, ratio, fc.double({ min: 0.05, max: 1, noNaN: true }), (own, r, chipMm) => {
        const at = (apexUm: number, chip: number) => costAt(own.midJobCosts, apexUm, chip)!.minutes;
        const apexUm = r * own.targetUm;
        expect(at(apexUm, chipMm)).toBeGreaterThanOrEqual(at(apexUm, 0) - 1e-9);
        expect(costAt({ worn: [], chipped: [], finishUm: 1 }, apexUm, chipMm)).toBeNull();
      }),
    );
  });

  it('ends no rounder than the edge was asked to be out there, or as near as what is carried comes', () => {
    for (const { eveningCosts: costs } of edges) {
      costs.worn.forEach(({ endUm, minutes }) => {
        expect(endUm).toBeLessThanOrEqual(costs.finishUm + 1e-9);
        expect(minutes).toBeGreaterThan(0);
      });
    }
  });
});
