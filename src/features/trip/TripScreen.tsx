'use client';

import { counted } from '../../ui/words/counted';
import { tripWords as say } from './words';
import { TabTitle } from '../../ui/TabTitle';
import { addDays, formatISO } from 'date-fns';
import { nanoid } from 'nanoid';
import { newRecord } from '../../domain/newRecord';
import { USUAL_TRIP, type Trip } from '../../domain/trip';
import { nextTrip, openTrips } from '../../domain/tripDays';
import { useRecords, useStandings, useStore } from '../../live';
import Link from '../../ui/Link';
import { TripChoice } from '../../ui/TripChoice';
import { tripQuery, useChosenTrip } from '../../ui/useChosenTrip';
import { TripBoard } from './TripBoard';
import { clockNow, stampNow } from '../../domain/clock';

/** The work ahead painted on its days, what the edges will do, and what to do before, there and after. */
export function TripScreen() {
  const tools = useRecords('tools');
  const trips = useRecords('trips');
  const standings = useStandings();
  const [chosenId, choose] = useChosenTrip();
  const store = useStore();
  if (!tools || !trips || !standings) return null;
  const open = openTrips(trips);
  const trip = trips.find(({ id }) => id === chosenId) ?? nextTrip(open, clockNow()) ?? open.at(-1);
  const add = async (from?: Trip): Promise<void> => {
    const made = from ? copyOf(from) : blankTrip(tools);
    await store.trips.save(made);
    choose(made.id);
  };
  const archive = (own: Trip, archivedAt: string | null): void =>
    void store.trips.update(own.id, (present) => ({
      ...present,
      archivedAt,
      updatedAt: stampNow(),
    }));
  if (tools.length === 0 || !trip) {
    return <NoTrip hasTools={tools.length > 0} onAdd={() => void add()} />;
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
    <TripActions
      trip={trip}
      canPutAway={isPutAway || open.length > 1}
      onAdd={(from) => void add(from)}
      onPutAway={() => {
        archive(trip, isPutAway ? null : stampNow());
        if (!isPutAway) choose(null);
      }}
    />
  );
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-4 sm:px-8">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <TabTitle>{trip.name}</TabTitle>
        <h1>
          {trip.name}, {counted.day(trip.days)}
        </h1>
        <details className="w-full sm:hidden">
          <summary className="min-h-12 cursor-pointer py-3">{say.otherTrips}</summary>
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

function NoTrip({ hasTools, onAdd }: { hasTools: boolean; onAdd: () => void }) {
  return (
    <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
      <h1>{say.trip}</h1>
      <p className="mt-3 text-lg">
        {say.paintTheWorkOfSome}{' '}
        {hasTools ? (
          <button type="button" className="link" onClick={onAdd}>
            {say.planTheFirstTrip}
          </button>
        ) : (
          <Link href="/lay-out" className="link">
            {say.layOutWhatYouHave}
          </Link>
        )}
      </p>
    </section>
  );
}

/** What may be done with a whole trip. */
function TripActions(props: {
  trip: Trip;
  canPutAway: boolean;
  onAdd: (from?: Trip) => void;
  onPutAway: () => void;
}) {
  const { trip, canPutAway, onAdd, onPutAway } = props;
  return (
    <span className="flex flex-wrap gap-x-4">
      <Link href={`/kit${tripQuery(trip.id)}`} className="link inline-flex min-h-12 items-center">
        {say.itsKit}
      </Link>
      <button type="button" className="link min-h-12" onClick={() => onAdd()}>
        {say.aNewTrip}
      </button>
      <button type="button" className="link min-h-12" onClick={() => onAdd(trip)}>
        {say.copyThisOne}
      </button>
      {canPutAway && (
        <button type="button" className="link min-h-12" onClick={onPutAway}>
          {trip.archivedAt === null ? say.putItAway : say.bringItBack}
        </button>
      )}
    </span>
  );
}

/** A week from today, as trips begin that nobody has set a day for. */
const inAWeek = (): string => formatISO(addDays(clockNow(), 7), { representation: 'date' });

function blankTrip(tools: readonly { id: string }[]): Trip {
  return {
    ...USUAL_TRIP,
    ...newRecord(nanoid(), stampNow()),
    name: say.nextTrip,
    startsOn: inAWeek(),
    days: 3,
    notes: '',
    toolIds: tools.map(({ id }) => id),
    minutesPerTouchUp: 30,
    chipDepthMm: 0,
  };
}

/** The same work ahead once more: a copy lies ahead, and nothing of it has been used. */
function copyOf(from: Trip): Trip {
  return {
    ...from,
    ...newRecord(nanoid(), stampNow()),
    name: say.again(from.name),
    checkedInAt: null,
    archivedAt: null,
    startsOn: from.startsOn < inAWeek() ? inAWeek() : from.startsOn,
    carried: from.carried.map((thing) => ({ ...thing, packed: false, used: null })),
  };
}
