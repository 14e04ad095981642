'use client';

import { nanoid } from 'nanoid';
import { formatISO } from 'date-fns';
import Link from '../../ui/Link';
import { useMemo, useState } from 'react';
import { kitProblem, type Hand, type Shelf, type ZoneState } from '../../core';
import { useHand, useJob, useRecords, useShelf, useStore, useZoneStates } from '../../live';
import { newRecord } from '../../domain/newRecord';
import type { Tool } from '../../domain/tool';
import { USUAL_TRIP, type Trip } from '../../domain/trip';
import { TOOL_KIND_NAMES } from '../../domain/toolKindNames';
import { LimitedNumberField, SelectField } from '../../ui/forms/fields';
import { chipDepth } from '../../ui/format';
import { startKitPlan } from '../../workers/kitClient';
import { PackedKit } from './PackedKit';

/** The lightest kit for the tools that travel, exactly, and why each thing is in it. */
export function KitScreen() {
  const tools = useRecords('tools');
  const trips = useRecords('trips');
  const states = useZoneStates();
  const shelf = useShelf();
  const hand = useHand();
  if (!tools || !trips || !states || !shelf || !hand) return null;
  if (tools.length === 0) {
    return (
      <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
        <h1>Kit</h1>
        <p className="mt-3 text-lg">
          The lightest set of stones and strops that keeps your tools going. It needs tools first.{' '}
          <Link href="/" className="link">
            Hang one
          </Link>
        </p>
      </section>
    );
  }
  return (
    <Planner
      tools={tools}
      trip={trips[0] ?? newTrip(tools)}
      states={states}
      shelf={shelf}
      hand={hand}
    />
  );
}

/** Where no trip is planned yet: everything travels. */
function newTrip(tools: readonly Tool[]): Trip {
  const at = '1970-01-01T00:00:00.000Z';
  return {
    ...newRecord('next-trip', at),
    ...USUAL_TRIP,
    name: 'Next trip',
    startsOn: formatISO(new Date(), { representation: 'date' }),
    days: 1,
    toolIds: tools.map(({ id }) => id),
    minutesPerTouchUp: 30,
    chipDepthMm: 0,
    notes: '',
  };
}

/** Depths of chip (mm) that a trip may prepare for. */
const CHIPS_MM = [0, 0.1, 0.2, 0.4];

function Planner(props: {
  tools: readonly Tool[];
  trip: Trip;
  states: readonly ZoneState[];
  shelf: Shelf;
  hand: Hand;
}) {
  const { tools, states, shelf, hand } = props;
  const store = useStore();
  // A change shows at once; the stored trip takes over when it is as new.
  const [draft, setDraft] = useState<Trip | null>(null);
  const trip = draft && draft.updatedAt > props.trip.updatedAt ? draft : props.trip;
  const travelling = tools.filter(({ id }) => trip.toolIds.includes(id));
  const problem = useMemo(
    () =>
      kitProblem({
        zones: states.filter(({ tool }) => trip.toolIds.includes(tool.id)),
        shelf,
        minutesPerTouchUp: trip.minutesPerTouchUp,
        chipDepthMm: trip.chipDepthMm,
        hand,
      }),
    [states, shelf, trip, hand],
  );
  const [state, cancel, again] = useJob(problem, startKitPlan);

  const change = (next: Partial<Trip>): void => {
    const at = new Date().toISOString();
    const createdAt = trip.id === 'next-trip' ? at : trip.createdAt;
    const id = trip.id === 'next-trip' ? nanoid() : trip.id;
    const changed = { ...trip, ...next, id, createdAt, updatedAt: at };
    setDraft(changed);
    void store.trips.save(changed);
  };
  const tick = (id: string, on: boolean): void =>
    change({
      toolIds: on ? [...trip.toolIds, id] : trip.toolIds.filter((other) => other !== id),
    });
  return (
    <div className="mx-auto grid w-full max-w-[82rem] gap-x-12 gap-y-6 px-4 py-5 sm:px-8 lg:grid-cols-[20rem_1fr]">
      <section>
        <h1>Kit</h1>
        <p className="text-lg text-soft">{trip.name}</p>
        <fieldset className="mt-4">
          <legend className="sign text-xl">Tools that travel</legend>
          {tools.map((tool) => (
            <label key={tool.id} className="flex min-h-12 items-center gap-3 border-b border-rule">
              <input
                type="checkbox"
                className="checkbox"
                checked={trip.toolIds.includes(tool.id)}
                onChange={(event) => tick(tool.id, event.target.checked)}
              />
              <span className="font-semibold">{tool.name}</span>
              {states.some((own) => own.tool.id === tool.id && own.stops.length > 0) && (
                <span className="sign battened uppercase">stop use</span>
              )}
              <span className="ml-auto text-soft">{TOOL_KIND_NAMES[tool.kind]}</span>
            </label>
          ))}
        </fieldset>
        <div className="mt-5 grid gap-4">
          <LimitedNumberField
            label="Longest touch-up out there"
            unit="min"
            min={1}
            max={240}
            value={trip.minutesPerTouchUp}
            hint="A ladder that takes longer is a job for the bench."
            onValue={(minutesPerTouchUp) => change({ minutesPerTouchUp })}
          />
          <SelectField
            label="Ready to grind out"
            value={String(trip.chipDepthMm)}
            options={CHIPS_MM.map((depthMm) => [
              String(depthMm),
              depthMm === 0 ? 'no chip' : `a chip of ${chipDepth(depthMm)}`,
            ])}
            onChange={(event) => change({ chipDepthMm: Number(event.target.value) })}
          />
        </div>
        <p className="mt-4 text-[0.95rem] text-soft">
          Each edge is taken as a day’s work leaves it, three times as round as it should be, or as
          it is now if that is worse.
        </p>
      </section>
      <PackedKit
        state={state}
        toolCount={travelling.length}
        shelf={shelf}
        onCancel={cancel}
        onAgain={again}
      />
    </div>
  );
}
