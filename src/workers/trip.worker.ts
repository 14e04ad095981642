import { expose } from 'comlink';
import {
  edgeCosts,
  forecastTrip,
  DEFAULT_PACE,
  evidenceOf,
  learn,
  logByUsualTester,
  mapShelf,
  shelfOfTrip,
  setAdvice,
  tripProblem,
  tripShelf,
  tripWhatIf,
  type LearnedDulling,
  type RefusedStone,
  type SetAdvice,
  type Shelf,
  type TesterScale,
  type TripForecast,
  type TripOutcome,
  type TripProblem,
} from '../core';
import { openStore, type Store } from '../data';
import { tripSchema, type Trip } from '../domain/trip';
import { tripPhase } from '../domain/tripDays';

/** A forecast with what it was made from. */
export interface ForecastAnswer {
  problem: TripProblem;
  forecast: TripForecast;
  refused: RefusedStone[];
  /** What the log teaches of how fast the tools dull. */
  dulling: LearnedDulling;
  /** Of the sets that give up before their work does; of the whole forecast alone. */
  sets: SetAdvice[];
}

/** How a forecast is asked for. */
export interface ForecastWish {
  size: 'first' | 'whole';
  /** With the kit that goes along, or with everything that is owned, as a kit is chosen from that. */
  shelf: 'kit' | 'owned';
  /** The day that it is looked at from; ISO 8601. */
  now: string;
}

const RUNS = { first: 200, compared: 1000, whole: 2000 } as const;
const SEED = 20261126;

let opened: Store | null = null;
/** What was planned for an edge with these things: painting changes neither. */
const known = new Map<string, ReturnType<typeof edgeCosts>>();

function rememberedCosts(input: Parameters<typeof edgeCosts>[0]): ReturnType<typeof edgeCosts> {
  const key = JSON.stringify(input);
  const found = known.get(key) ?? edgeCosts(input);
  known.set(key, found);
  return found;
}

let taught: { key: string; dulling: LearnedDulling } | null = null;

/** What the log of a trip's tools teaches; read again only where the log, or a trip in it, has changed. */
async function dullingOf(
  store: Store,
  trip: Trip,
  now: string,
  tester: TesterScale | null,
): Promise<LearnedDulling> {
  const [revisions, kept, tools] = await Promise.all([
    store.snapshot.revisions(),
    store.trips.list(),
    store.tools.list(),
  ]);
  const trips = [...kept.filter(({ id }) => id !== trip.id), trip].filter(
    (own) => tripPhase(own, now) !== 'ahead',
  );
  const { sessionLines, inspectionLines, tools: toolsRevision } = revisions;
  const worked = trips.map(({ id, startsOn, days, work, ownTasks }) => ({
    id,
    startsOn,
    days,
    work,
    ownTasks,
  }));
  const key = JSON.stringify([
    ...[sessionLines, inspectionLines, toolsRevision],
    ...[trip.toolIds, worked],
  ]);
  if (taught?.key === key) return taught.dulling;
  const own = tools.filter(({ id }) => trip.toolIds.includes(id));
  const logs = await Promise.all(
    own.map(async ({ id }) => ({
      sessions: await store.log.sessionsOf(id),
      inspections: await store.log.inspectionsOf(id),
    })),
  );
  const log = {
    sessions: logs.flatMap(({ sessions }) => sessions),
    inspections: logs.flatMap(({ inspections }) => inspections),
  };
  const read = logByUsualTester(log, tester);
  const evidence = evidenceOf({
    ...read,
    tools: own,
    trips,
    familyOf: () => null,
    pace: DEFAULT_PACE,
  });
  const { dulling } = learn({ evidence, stated: [] });
  taught = { key, dulling };
  return dulling;
}

/** What a forecast is made from: what is stored, and a trip as it is being painted; null while nothing is judged. */
async function asked(
  message: unknown,
  runs: number,
  { now, shelf: wanted }: Pick<ForecastWish, 'now' | 'shelf'>,
) {
  const trip: Trip = tripSchema.validateSync(message, { strict: true });
  const store = (opened ??= await openStore());
  const [kept, abrasives, strops, compounds, lubricants] = await Promise.all([
    store.snapshot.read(),
    store.abrasives.list(),
    store.strops.list(),
    store.compounds.list(),
    store.lubricants.list(),
  ]);
  if (!kept?.standings) return null;
  const { states: zones, hand, tester } = kept.standings;
  const dulling = await dullingOf(store, trip, now, tester);
  const things = { abrasives, strops, compounds, lubricants };
  const shelf = wanted === 'owned' ? allAlong(things) : shelfOfTrip(things, trip, now);
  return {
    trip,
    zones,
    shelf,
    hand,
    dulling,
    now,
    runs,
    seed: SEED,
    costsOf: rememberedCosts,
  };
}

/** Everything that is owned, in the pack. */
function allAlong(shelf: Shelf): Shelf {
  return mapShelf(shelf, (thing) => ({ ...thing, place: 'pack' }));
}

/** Forecasts in a thread of its own. */
const api = {
  async forecast(
    message: unknown,
    wish: ForecastWish,
    onProgress: (share: number) => void,
  ): Promise<ForecastAnswer | null> {
    const { size } = wish;
    const input = await asked(message, RUNS[size], wish);
    if (!input) return null;
    const problem = tripProblem(input);
    const { refused } = tripShelf(input.shelf, input.trip);
    const forecast = forecastTrip(problem, onProgress);
    const sets = size === 'whole' ? setAdvice(problem, forecast) : [];
    return { problem, forecast, refused, dulling: input.dulling, sets };
  },
  /** `toolId`: the tool whose ways are set beside the plan. */
  async whatIf(message: unknown, toolId: string, now: string): Promise<TripOutcome[] | null> {
    const input = await asked(message, RUNS.compared, { now, shelf: 'kit' });
    return input && tripWhatIf(input, toolId);
  },
};

export type TripWorker = typeof api;

expose(api);
