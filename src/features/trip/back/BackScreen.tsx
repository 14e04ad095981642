'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { thingsCarried, workSpan, type Shelf } from '../../../core';
import type { LoggedSession } from '../../../domain/loggedSession';
import type { Observation } from '../../../domain/session';
import type { Tool } from '../../../domain/tool';
import type { Trip } from '../../../domain/trip';
import { goesAlong } from '../../../domain/tripDays';
import { useRecords, useSessionsBetween, useShelf } from '../../../live';
import Link from '../../../ui/Link';
import { useChosenTrip } from '../../../ui/useChosenTrip';
import { EdgeBack } from './EdgeBack';
import { ThingsBack } from './ThingsBack';
import { useCheckIn } from './useCheckIn';

const NOTHING_SEEN: Observation = { tests: [], findings: [] };

/** On return: every tool that went is looked through, and what was used of what was carried is noted. */
export function BackScreen() {
  const [chosenId] = useChosenTrip();
  const tools = useRecords('tools');
  const trips = useRecords('trips');
  const shelf = useShelf();
  if (!tools || !trips || !shelf) return null;
  const trip = trips.find(({ id }) => id === chosenId);
  if (!trip) {
    return (
      <section className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
        <h1>Back from a trip</h1>
        <p className="mt-2">
          This trip is not here any more.{' '}
          <Link href="/trip" className="link">
            Choose another
          </Link>
        </p>
      </section>
    );
  }
  return <Trip key={trip.id} trip={trip} tools={tools} shelf={shelf} />;
}

function Trip({ trip, tools, shelf }: { trip: Trip; tools: readonly Tool[]; shelf: Shelf }) {
  const { from, to } = useMemo(() => workSpan(trip), [trip]);
  const sessions = useSessionsBetween(from, to);
  return sessions ? <CheckIn trip={trip} tools={tools} shelf={shelf} sessions={sessions} /> : null;
}

function CheckIn(props: {
  trip: Trip;
  tools: readonly Tool[];
  shelf: Shelf;
  sessions: readonly LoggedSession[];
}) {
  const { trip, tools, shelf, sessions } = props;
  const router = useRouter();
  const checkIn = useCheckIn(trip);
  const edges = tools
    .filter(({ id }) => goesAlong(trip, id))
    .flatMap((tool) => tool.zones.map((zone) => ({ key: `${tool.id}/${zone.id}`, tool, zone })));
  const [seen, setSeen] = useState<ReadonlyMap<string, Observation>>(new Map());
  const [things, setThings] = useState(() => thingsCarried(trip, shelf, sessions));
  const looked = edges.filter(({ key }) => isSomething(seen.get(key)));

  const save = async (): Promise<void> => {
    await checkIn(
      looked.map(({ key, tool, zone }) => ({
        toolId: tool.id,
        zoneId: zone.id,
        seen: seen.get(key)!,
      })),
      things,
    );
    router.push('/trip');
  };
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-4 sm:px-8">
      <h1>Back from {trip.name}</h1>
      <p className="mt-1 text-lg text-soft">
        Wipe and dry each edge, look along it, test it once. It teaches how fast your work dulls.
      </p>
      <ul className="mt-3 border-t-2 border-ink">
        {edges.map(({ key, tool, zone }) => (
          <EdgeBack
            key={key}
            tool={tool}
            zone={zone}
            seen={seen.get(key) ?? NOTHING_SEEN}
            onSeen={(next) => setSeen(new Map(seen).set(key, next))}
          />
        ))}
      </ul>
      <ThingsBack shelf={shelf} things={things} onChange={setThings} />
      <div className="sticky bottom-0 -mx-4 mt-4 flex flex-wrap items-center gap-x-6 gap-y-2 border-t-2 border-rule bg-base-200 px-4 py-3 sm:-mx-8 sm:px-8">
        <p role="status">
          {looked.length} of {edges.length} edges looked at
        </p>
        <button
          type="button"
          className="btn btn-primary ml-auto px-7 text-lg"
          onClick={() => void save().catch(() => {})}
        >
          Note it all
        </button>
      </div>
    </div>
  );
}

function isSomething(seen: Observation | undefined): boolean {
  return seen !== undefined && seen.tests.length + seen.findings.length > 0;
}
