'use client';

import { kitWords as say } from './words/kitWords';
import { formatISO } from 'date-fns';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { newRecord } from '../../domain/newRecord';
import type { Tool } from '../../domain/tool';
import { USUAL_TRIP, type Trip } from '../../domain/trip';
import { nextTrip, openTrips } from '../../domain/tripDays';
import { useHand, useNow, useRecords, useShelf, useTripDraft, useZoneStates } from '../../live';
import { noKit } from './words/noKitWords';
import Link from '../../ui/Link';
import { TripChoice } from '../../ui/TripChoice';
import { useChosenTrip } from '../../ui/useChosenTrip';
import { KitBoard, type BoardProps } from './KitBoard';
import { clockNow, stampNow } from '../../domain/clock';

/** The least that can be carried, and what it gives up: all kits of a trip, the next one first, laid out to scale. */
export function KitScreen() {
  const tools = useRecords('tools');
  const trips = useRecords('trips');
  const helpers = useRecords('helpers');
  const states = useZoneStates();
  const shelf = useShelf();
  const hand = useHand();
  const [chosenId, choose] = useChosenTrip();
  const [begun] = useState(() => ({ id: nanoid(), at: stampNow() }));
  if (!tools || !trips || !helpers || !states || !shelf || !hand) return null;
  const isBare = shelf.abrasives.length + shelf.strops.length === 0;
  if (tools.length === 0 || isBare) return <NoKit hasTools={tools.length > 0} />;
  const open = openTrips(trips);
  const chosen = open.find(({ id }) => id === chosenId);
  const trip = chosen ?? nextTrip(open, clockNow()) ?? open.at(-1) ?? newTrip(begun, tools);
  return (
    <Planner
      key={trip.id}
      kept={trip}
      choice={<TripChoice trips={open} chosenId={trip.id} onChoose={choose} />}
      tools={tools}
      trips={trips}
      helpers={helpers}
      states={states}
      shelf={shelf}
      hand={hand}
    />
  );
}

/** Without tools, or without things to carry, there is no kit: what is lacking, and the way there. */
function NoKit({ hasTools }: { hasTools: boolean }) {
  return (
    <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
      <h1>{noKit.title}</h1>
      <p className="mt-3 text-lg">
        {noKit.what} {hasTools ? noKit.needsThings : noKit.needsTools}{' '}
        <Link href="/lay-out" className="link">
          {noKit.layOut}
        </Link>
      </p>
    </section>
  );
}

/** Where no trip is planned yet: everything travels. It is kept with its first change. */
function newTrip(begun: { id: string; at: string }, tools: readonly Tool[]): Trip {
  return {
    ...newRecord(begun.id, begun.at),
    ...USUAL_TRIP,
    name: say.nextTrip,
    startsOn: formatISO(clockNow(), { representation: 'date' }),
    days: 1,
    toolIds: tools.map(({ id }) => id),
    minutesPerTouchUp: 30,
    chipDepthMm: 0,
    notes: '',
  };
}

/** A kit beside the trip that it is kept with; a trip that is not kept yet is, with its first change. */
function Planner({
  kept,
  ...rest
}: { kept: Trip } & Omit<BoardProps, 'trip' | 'now' | 'onChange'>) {
  const { trip, change } = useTripDraft(kept);
  const now = useNow();
  return <KitBoard {...rest} trip={trip} now={now} onChange={change} />;
}
