import { learn, type LearnedDulling } from '../core/evidence';
import { evidenceOf, logByUsualTester } from '../core/log';
import type { TesterScale } from '../core/sharpness';
import { DEFAULT_PACE } from '../core/wear';
import type { Store } from '../data';
import type { Trip } from '../domain/trip';
import { tripPhase } from '../domain/tripDays';

/** What the log of a trip's tools teaches of how fast they dull, read from a store. */
export interface TripDulling {
  /** `now`: the day that it is looked at from, ISO 8601; `tester`: the person's own, null for the usual one. */
  of: (trip: Trip, now: string, tester: TesterScale | null) => Promise<LearnedDulling>;
}

/** Reads the log again only where it has changed, or a trip has by anything that dulling is learned from. */
export function createTripDulling(store: Store): TripDulling {
  let taught: { key: string; dulling: LearnedDulling } | null = null;

  return {
    async of(trip, now, tester) {
      const [{ sessionLines, inspectionLines, tools }, kept] = await Promise.all([
        store.snapshot.revisions(),
        store.trips.list(),
      ]);
      const trips = [...kept.filter(({ id }) => id !== trip.id), trip].filter(
        (own) => tripPhase(own, now) !== 'ahead',
      );
      const worked = trips.map(({ id, startsOn, days, work, ownTasks }) => ({
        id,
        startsOn,
        days,
        work,
        ownTasks,
      }));
      const key = JSON.stringify([
        ...[sessionLines, inspectionLines, tools],
        ...[trip.toolIds, worked, tester],
      ]);
      if (taught?.key !== key) {
        taught = { key, dulling: await learnFrom(store, trip.toolIds, trips, tester) };
      }
      return taught.dulling;
    },
  };
}

async function learnFrom(
  store: Store,
  toolIds: readonly string[],
  trips: readonly Trip[],
  tester: TesterScale | null,
): Promise<LearnedDulling> {
  const tools = (await store.tools.list()).filter(({ id }) => toolIds.includes(id));
  const logs = await Promise.all(
    tools.map(async ({ id }) => ({
      sessions: await store.log.sessionsOf(id),
      inspections: await store.log.inspectionsOf(id),
    })),
  );
  const log = {
    sessions: logs.flatMap(({ sessions }) => sessions),
    inspections: logs.flatMap(({ inspections }) => inspections),
  };
  const evidence = evidenceOf({
    ...logByUsualTester(log, tester),
    tools,
    trips,
    familyOf: () => null,
    pace: DEFAULT_PACE,
  });
  return learn({ evidence, stated: [] }).dulling;
}
