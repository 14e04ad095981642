'use client';

import { kitWords as say } from './words/kitWords';
import { sum } from 'd3-array';
import { shelfThings, type Shelf } from '../../core/ladder';
import type { Helper } from '../../domain/shelf';
import { toolsByPerson } from '../../domain/carriers';
import type { Tool } from '../../domain/tool';
import { goesAlong } from '../../domain/tripDays';
import type { Carried, Trip } from '../../domain/trip';
import type { TripStep } from '../../live';
import { CheckField } from '../../ui/forms/fields';
import { grams, listed } from '../../ui/format';
import Link from '../../ui/Link';
import { notice } from '../../ui/notice';
import { tripQuery } from '../../ui/useChosenTrip';
import { GROUPS } from './things';

/** The kit of a trip as it is packed, mat by mat; what lies packed is what touch-ups there are planned with. */
export function Packing(props: {
  trip: Trip;
  shelf: Shelf;
  helpers: readonly Helper[];
  tools: readonly Tool[];
  /** Returns the step that takes it back. */
  onChange: (step: TripStep) => TripStep;
}) {
  const { trip, shelf, helpers, tools, onChange } = props;
  const { carried } = trip;
  const going = tools.filter(({ id }) => goesAlong(trip, id));
  const unpack = (): void => {
    const back = onChange((own) => ({ ...own, carried: [] }));
    void notice(say.unpacked, {
      action: { label: say.undo, onClick: () => void onChange(back) },
    });
  };
  const all = [...shelfThings(shelf), ...helpers];
  const massOf = (thing: Carried): number => {
    const item = all.find(({ id }) => id === thing.itemId);
    return item && !item.carriedAnyway && thing.place !== 'workshop' ? item.massG : 0;
  };
  const packed = carried.filter((thing) => thing.packed).length;
  return (
    <section aria-label={say.packing} className="mt-3 border-y-2 border-ink bg-base-200 px-3 py-2">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h2>
          {packed === carried.length
            ? say.packed(sum(carried, massOf))
            : say.thingsPacked(packed, carried.length, sum(carried, massOf))}
        </h2>
        <Link
          href={`/kit/card${tripQuery(trip.id)}`}
          className="link inline-flex min-h-12 items-center"
        >
          {say.fieldCardAndPackingList}
        </Link>
        <button type="button" className="link ml-auto min-h-12" onClick={unpack}>
          {say.unpackAndChooseAnew}
        </button>
      </div>
      <p>
        {toolsByPerson(trip, going).map(([person, own]) => (
          <span key={person} className="mr-6">
            {person || say.everybody}: <b>{listed(own.map(({ name }) => name))}</b>
          </span>
        ))}
      </p>
      <div className="grid gap-x-8 sm:grid-cols-3">
        {GROUPS.map(([place, name]) => {
          const own = carried.filter((thing) => thing.place === place);
          if (own.length === 0) return null;
          return (
            <fieldset key={place}>
              <legend className="flex w-full justify-between font-semibold">
                <span>{name}</span>
                <span className="figures">{grams(sum(own, massOf))}</span>
              </legend>
              {own.map((thing) => (
                <CheckField
                  key={thing.itemId}
                  label={`${all.find(({ id }) => id === thing.itemId)?.name ?? say.aThingThatIsGone}, ${grams(massOf(thing))}`}
                  checked={thing.packed}
                  onChange={({ target }) =>
                    onChange((own) => ticked(own, thing.itemId, target.checked))
                  }
                />
              ))}
            </fieldset>
          );
        })}
      </div>
    </section>
  );
}

function ticked(trip: Trip, itemId: string, packed: boolean): Trip {
  const carried = trip.carried.map((thing) =>
    thing.itemId === itemId ? { ...thing, packed } : thing,
  );
  return { ...trip, carried };
}
