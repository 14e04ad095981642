import { expose } from 'comlink';
import type { LearnedDulling } from '../core/evidence';
import type { Standings } from '../core/inspection';
import { mapShelf, shelfOfTrip, type Shelf } from '../core/ladder';
import { remembered } from '../core/remembered';
import {
  edgeCosts,
  edgeProblems,
  edgeRuns,
  needsOut,
  setAdvice,
  tripForecast,
  tripProblem,
  tripShelf,
  tripWhatIf,
  type EdgeRuns,
  type NeedsOut,
  type RefusedStone,
  type SetAdvice,
  type TripForecast,
  type TripOutcome,
  type TripProblem,
} from '../core/trip';
import { openStore, type Store } from '../data';
import type { Trip } from '../domain/trip';
import { createTripDulling, type TripDulling } from './tripDulling';

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

let opened: { store: Store; tripDulling: TripDulling } | null = null;

async function open() {
  const store = await openStore();
  return { store, tripDulling: createTripDulling(store) };
}

/** Edges are planned and run once: painting changes the work of one of them, and what touch-ups cost of none. */
const costsOf = remembered(edgeCosts, 300);
const runsOf = remembered(edgeRuns, 150);

let before: Promise<unknown> = Promise.resolve();

/** One after another, in the order in which they are asked for. */
function inTurn<T>(make: () => Promise<T>): Promise<T> {
  const own = before.then(make);
  before = own.catch(() => {});
  return own;
}

/** What a forecast is made from: what is stored, and a trip as it is being painted; null while nothing is judged. */
async function asked(
  trip: Trip,
  runs: number,
  { now, shelf: wanted }: Pick<ForecastWish, 'now' | 'shelf'>,
) {
  const { store, tripDulling } = (opened ??= await open());
  const [standings, things] = await Promise.all([readStandings(store), readShelf(store)]);
  if (!standings) return null;
  const { states: zones, hand, tester } = standings;
  const dulling = await tripDulling.of(trip, now, tester);
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
    costsOf,
  };
}

async function readStandings(store: Store): Promise<Standings | null> {
  return (await store.snapshot.read())?.standings ?? null;
}

async function readShelf(store: Store): Promise<Shelf> {
  const [abrasives, strops, compounds, lubricants] = await Promise.all([
    store.abrasives.list(),
    store.strops.list(),
    store.compounds.list(),
    store.lubricants.list(),
  ]);
  return { abrasives, strops, compounds, lubricants };
}

/** Everything that is owned, in the pack. */
function allAlong(shelf: Shelf): Shelf {
  return mapShelf(shelf, (thing) => ({ ...thing, place: 'pack' }));
}

/** Forecasts in a thread that remembers what it made of each edge. */
const api = {
  /**
   * `goesOn` is told the share that is done between any two edges, and answers whether the rest is wanted: null
   * where it is not, or while nothing is judged.
   */
  forecast(
    trip: Trip,
    wish: ForecastWish,
    goesOn: (share: number) => boolean | Promise<boolean>,
  ): Promise<ForecastAnswer | null> {
    return inTurn(async () => {
      if (!(await goesOn(0))) return null;
      const input = await asked(trip, RUNS[wish.size], wish);
      if (!input) return null;
      const problem = tripProblem(input);
      const edges = edgeProblems(problem);
      const ran: EdgeRuns[] = [];
      for (const edge of edges) {
        ran.push(runsOf(edge));
        if (!(await goesOn(ran.length / edges.length))) return null;
      }
      const forecast = tripForecast(problem, ran);
      const { refused } = tripShelf(input.shelf, input.trip);
      const sets = wish.size === 'whole' ? setAdvice(problem, forecast, runsOf) : [];
      return { problem, forecast, refused, dulling: input.dulling, sets };
    });
  },
  /** What the edges on a trip need now, by where they would be worked; null while nothing is judged. */
  async needs(trip: Trip, now: string): Promise<NeedsOut | null> {
    const { store } = (opened ??= await open());
    const [standings, shelf] = await Promise.all([readStandings(store), readShelf(store)]);
    if (!standings) return null;
    const { states: zones, hand, tester } = standings;
    const logs = await Promise.all(trip.toolIds.map((id) => store.log.sessionsOf(id)));
    return needsOut({ trip, zones, shelf, hand, tester, now, sessions: logs.flat() });
  },
  /** `toolId`: the tool whose ways are set beside the plan. */
  async whatIf(trip: Trip, toolId: string, now: string): Promise<TripOutcome[] | null> {
    const input = await asked(trip, RUNS.compared, { now, shelf: 'kit' });
    return input && tripWhatIf(input, toolId);
  },
};

export type TripWorker = typeof api;

expose(api);
