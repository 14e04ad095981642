import { expose } from 'comlink';
import {
  edgeCosts,
  forecastTrip,
  tripProblem,
  tripShelf,
  tripWhatIf,
  type ThirstyStone,
  type TripForecast,
  type TripOutcome,
  type TripProblem,
} from '../core';
import { openStore, type Store } from '../data';
import { tripSchema, type Trip } from '../domain/trip';

/** A forecast with what it was made from. */
export interface ForecastAnswer {
  problem: TripProblem;
  forecast: TripForecast;
  refused: ThirstyStone[];
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

/** What a forecast is made from: what is stored, and a trip as it is being painted; null while nothing is judged. */
async function asked(message: unknown, runs: number) {
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
  const { states, hand } = kept.standings;
  const shelf = { abrasives, strops, compounds, lubricants };
  return { trip, zones: states, shelf, hand, runs, seed: SEED, costsOf: rememberedCosts };
}

/** Forecasts in a thread of its own. */
const api = {
  async forecast(
    message: unknown,
    size: unknown,
    onProgress: (share: number) => void,
  ): Promise<ForecastAnswer | null> {
    const input = await asked(message, size === 'whole' ? RUNS.whole : RUNS.first);
    if (!input) return null;
    const problem = tripProblem(input);
    const { refused } = tripShelf(input.shelf, input.trip);
    return { problem, forecast: forecastTrip(problem, onProgress), refused };
  },
  async whatIf(message: unknown): Promise<TripOutcome[] | null> {
    const input = await asked(message, RUNS.compared);
    return input && tripWhatIf(input);
  },
};

export type TripWorker = typeof api;

expose(api);
