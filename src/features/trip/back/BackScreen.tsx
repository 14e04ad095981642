'use client';

import { tripBackWords as say } from './words';
import { TabTitle } from '../../../ui/TabTitle';
import { titles } from '../../../ui/words/titleWords';
import { ActionBar } from '../../../ui/ActionBar';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import type { Shelf } from '../../../core/ladder';
import { thingsCarried, workSpan } from '../../../core/trip';
import type { LoggedSession } from '../../../domain/loggedSession';
import type { Observation, Inspection } from '../../../domain/session';
import type { Helper } from '../../../domain/shelf';
import type { Tool, Zone } from '../../../domain/tool';
import type { Trip, Carried } from '../../../domain/trip';
import { dayOfTrip, goesAlong, mayCheckIn } from '../../../domain/tripDays';
import {
  useNow,
  useRecords,
  useSessionsBetween,
  useShelf,
  useTripDraft,
  useZoneStates,
  newOne,
  useUndoable,
} from '../../../live';
import Link from '../../../ui/Link';
import { tripQuery, useChosenTrip } from '../../../ui/useChosenTrip';
import { EdgeBack } from './EdgeBack';
import { HoursBack } from './HoursBack';
import { ThingsBack } from './ThingsBack';
import { nanoid } from 'nanoid';
import { newRecord } from '../../../domain/newRecord';
import { NO_CHECKS } from '../../../domain/observation';
import { stampNow } from '../../../domain/clock';

const NOTHING_SEEN: Observation = { tests: [], findings: [] };

/** On return: every tool that went is looked through, and what was used of what was carried is noted. */
export function BackScreen() {
  const [chosenId] = useChosenTrip();
  const tools = useRecords('tools');
  const trips = useRecords('trips');
  const helpers = useRecords('helpers');
  const shelf = useShelf();
  const now = useNow();
  if (!tools || !trips || !shelf || !helpers) return null;
  const trip = trips.find(({ id }) => id === chosenId);
  if (!trip) {
    return (
      <section className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
        <h1>{say.backFromATrip}</h1>
        <p className="mt-2">
          {say.tripNotHere}{' '}
          <Link href="/trip" className="link">
            {say.chooseAnother}
          </Link>
        </p>
      </section>
    );
  }
  if (!mayCheckIn(trip, now)) {
    return (
      <section className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
        <TabTitle>{titles.back(trip.name)}</TabTitle>
        <h1>{say.backFrom(trip.name)}</h1>
        <p className="mt-2">
          {say.itsToolsAreLookedThrough}{' '}
          <Link href={`/trip${tripQuery(trip.id)}`} className="link">
            {say.toTheTrip}
          </Link>
        </p>
      </section>
    );
  }
  return <Returned key={trip.id} trip={trip} tools={tools} shelf={shelf} helpers={helpers} />;
}

function Returned(props: {
  trip: Trip;
  tools: readonly Tool[];
  shelf: Shelf;
  helpers: readonly Helper[];
}) {
  const { trip, ...rest } = props;
  const { from, to } = useMemo(() => workSpan(trip), [trip]);
  const sessions = useSessionsBetween(from, to);
  return sessions ? <CheckIn {...rest} kept={trip} sessions={sessions} /> : null;
}

function CheckIn(props: {
  kept: Trip;
  tools: readonly Tool[];
  shelf: Shelf;
  helpers: readonly Helper[];
  sessions: readonly LoggedSession[];
}) {
  const { kept, tools, shelf, helpers, sessions } = props;
  const router = useRouter();
  const { trip, change } = useTripDraft(kept);
  const checkIn = useCheckIn(trip);
  const walked = useWalked(trip);
  const edges = tools
    .filter(({ id }) => goesAlong(trip, id))
    .flatMap((tool) => tool.zones.map((zone) => ({ key: `${tool.id}/${zone.id}`, tool, zone })));
  const seenOf = (tool: Tool, zone: Zone): Observation =>
    trip.looksBack.find(({ toolId, zoneId }) => toolId === tool.id && zoneId === zone.id)?.seen ??
    NOTHING_SEEN;
  const things = thingsCarried(trip, shelf, sessions);
  const looked = trip.looksBack.filter(({ seen }) => isSomething(seen));
  const count = edges.filter(
    ({ key, tool, zone }) => walked.has(key) || isSomething(seenOf(tool, zone)),
  ).length;

  const save = async (): Promise<void> => {
    await checkIn(looked, things);
    router.push('/trip');
  };
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-4 sm:px-8">
      <TabTitle>{titles.back(trip.name)}</TabTitle>
      <h1>{say.backFrom(trip.name)}</h1>
      <p className="mt-1 text-lg text-soft">{say.wipeAndDryEachEdge}</p>
      <ul className="mt-3 border-t-2 border-ink">
        {edges.map(({ key, tool, zone }) => (
          <EdgeBack
            key={key}
            tool={tool}
            zone={zone}
            seen={seenOf(tool, zone)}
            isWalked={walked.has(key)}
            onSeen={(seen) =>
              change((own) => withLook(own, { toolId: tool.id, zoneId: zone.id, seen }))
            }
          />
        ))}
      </ul>
      <HoursBack trip={trip} tools={tools} onChange={change} />
      <ThingsBack
        shelf={shelf}
        helpers={helpers}
        things={things}
        onChange={(carried) => change((own) => ({ ...own, carried }))}
      />
      <ActionBar className="-mx-4 mt-4 flex flex-wrap items-center gap-x-6 gap-y-2 px-4 py-3 sm:-mx-8 sm:px-8">
        <p role="status">{say.edgesLookedAt(count, edges.length)}</p>
        <button
          type="button"
          className="btn btn-primary ml-auto px-7 text-lg"
          onClick={() => void save().catch(() => {})}
        >
          {say.saveItAll}
        </button>
      </ActionBar>
    </div>
  );
}

/** The edges that were walked whole since the trip’s last day, on the inspection’s own screen. */
function useWalked(trip: Trip): ReadonlySet<string> {
  const states = useZoneStates() ?? [];
  const last = dayOfTrip(trip, trip.days - 1).toISOString();
  return new Set(
    states
      .filter(({ state }) => state.observedAt !== null && state.observedAt >= last)
      .map(({ tool, zone }) => `${tool.id}/${zone.id}`),
  );
}

function withLook(trip: Trip, look: Trip['looksBack'][number]): Trip {
  const others = trip.looksBack.filter(
    ({ toolId, zoneId }) => toolId !== look.toolId || zoneId !== look.zoneId,
  );
  return { ...trip, looksBack: [...others, look] };
}

function isSomething(seen: Observation): boolean {
  return seen.tests.length + seen.findings.length > 0;
}

/** Notes what came back, all in one act: a look at each edge, and what was used of the things. */
function useCheckIn(trip: Trip) {
  const undoable = useUndoable();
  return async (
    looks: readonly Pick<Inspection, 'toolId' | 'zoneId' | 'seen'>[],
    things: readonly Carried[],
  ): Promise<void> => {
    const at = stampNow();
    const inspections = looks.map((look): Inspection => ({
      ...newRecord(nanoid(), at),
      ...look,
      tripId: trip.id,
      at,
      lookedAlong: true,
      checks: NO_CHECKS,
      notes: '',
    }));
    const checkedIn: Trip = {
      ...trip,
      carried: things.map((thing) => ({ ...thing, used: thing.used ?? false })),
      toldDays: Array.from({ length: trip.days }, (_, day) => day),
      looksBack: [],
      checkedInAt: at,
      updatedAt: at,
    };
    await undoable(say.backWithEdgesNoted(trip.name, looks.length), [
      ...inspections.map((record) => newOne('inspections', record)),
      { store: 'trips', id: trip.id, before: trip, after: checkedIn },
    ]);
  };
}
