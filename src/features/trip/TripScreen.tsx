'use client';

import { addDays, formatISO } from 'date-fns';
import { nanoid } from 'nanoid';
import { newRecord } from '../../domain/newRecord';
import { USUAL_TRIP, type Trip } from '../../domain/trip';
import { nextTrip, openTrips } from '../../domain/tripDays';
import { useRecords, useStandings, useStore } from '../../live';
import { plural } from '../../ui/format';
import Link from '../../ui/Link';
import { TripChoice } from '../../ui/TripChoice';
import { tripQuery, useChosenTrip } from '../../ui/useChosenTrip';
import { TripBoard } from './TripBoard';

/** The work ahead painted on its days, what the edges will do, and what to do before, there and after. */
export function TripScreen() {
  const tools = useRecords('tools');
  const trips = useRecords('trips');
  const standings = useStandings();
  const [chosenId, choose] = useChosenTrip();
  const store = useStore();
  if (!tools || !trips || !standings) return null;
  const open = openTrips(trips);
  const trip = trips.find(({ id }) => id === chosenId) ?? nextTrip(open, new Date()) ?? open.at(-1);
  const add = async (from?: Trip): Promise<void> => {
    const at = new Date().toISOString();
    const startsOn = formatISO(addDays(new Date(), 7), { representation: 'date' });
    const made: Trip = {
      ...(from ?? {
        ...USUAL_TRIP,
        name: 'Next trip',
        startsOn,
        days: 3,
        notes: '',
        toolIds: tools.map(({ id }) => id),
        minutesPerTouchUp: 30,
        chipDepthMm: 0,
      }),
      ...newRecord(nanoid(), at),
      ...(from && {
        name: `${from.name}, again`,
        checkedInAt: null,
        archivedAt: null,
        // A copy lies ahead, and nothing of it has been used.
        startsOn: from.startsOn < startsOn ? startsOn : from.startsOn,
        carried: from.carried.map((thing) => ({ ...thing, packed: false, used: null })),
      }),
    };
    await store.trips.save(made);
    choose(made.id);
  };
  const archive = (own: Trip, archivedAt: string | null): void =>
    void store.trips.update(own.id, (present) => ({
      ...present,
      archivedAt,
      updatedAt: new Date().toISOString(),
    }));
  if (tools.length === 0 || !trip) {
    return (
      <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
        <h1>Trip</h1>
        <p className="mt-3 text-lg">
          Paint the work of some days, and see which edge gives up when.{' '}
          {tools.length === 0 ? (
            <Link href="/" className="link">
              Hang a tool first
            </Link>
          ) : (
            <button type="button" className="link" onClick={() => void add()}>
              Plan the first trip
            </button>
          )}
        </p>
      </section>
    );
  }
  const isPutAway = trip.archivedAt !== null;
  const choice = (
    <TripChoice
      trips={[...open, ...trips.filter(({ archivedAt }) => archivedAt !== null)]}
      chosenId={trip.id}
      onChoose={choose}
    />
  );
  const actions = (
    <span className="flex flex-wrap gap-x-4">
      <Link href={`/kit${tripQuery(trip.id)}`} className="link inline-flex min-h-12 items-center">
        Its kit
      </Link>
      <button type="button" className="link min-h-12" onClick={() => void add()}>
        A new trip
      </button>
      <button type="button" className="link min-h-12" onClick={() => void add(trip)}>
        Copy this one
      </button>
      {(isPutAway || open.length > 1) && (
        <button
          type="button"
          className="link min-h-12"
          onClick={() => {
            archive(trip, isPutAway ? null : new Date().toISOString());
            if (!isPutAway) choose(null);
          }}
        >
          {isPutAway ? 'Bring it back' : 'Put it away'}
        </button>
      )}
    </span>
  );
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-4 sm:px-8">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <h1>
          {trip.name}, {plural(trip.days, 'day')}
        </h1>
        <details className="w-full sm:hidden">
          <summary className="min-h-12 cursor-pointer py-3">Other trips</summary>
          <div className="grid gap-2">
            {choice}
            {actions}
          </div>
        </details>
        <div className="hidden flex-1 flex-wrap items-end gap-x-6 sm:flex">
          {choice}
          <span className="ml-auto">{actions}</span>
        </div>
      </div>
      <TripBoard key={trip.id} kept={trip} />
    </div>
  );
}
