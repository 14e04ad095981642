'use client';

import { counted } from '../../ui/words/counted';
import { kitWords as say } from './words/kitWords';
import { ActionBar } from '../../ui/ActionBar';
import type { ReactNode } from 'react';
import { thingPrice, type KitSolution } from '../../core/kit';
import { CARRY_PLACES, type CarryPlace } from '../../domain/terms';
import type { Trip } from '../../domain/trip';
import { needWords } from './words/kitVerdicts';
import { pastUse } from './things';

const MOVE_WORDS: Record<CarryPlace, string> = {
  pouch: say.moveToTheBelt,
  pack: say.moveToThePack,
  'base-camp': say.moveToBaseCamp,
};

/** What the chosen thing does for the kit, and what can be said of it; beside it, packing. */
export function ThingBar(props: {
  solution: KitSolution;
  carried: ReadonlySet<number>;
  trips: readonly Trip[];
  item: number | null;
  /** Where a thing goes on this trip. */
  placeOf: (item: number) => CarryPlace;
  onHold: (id: string) => void;
  onKeepOut: (id: string) => void;
  onMove: (id: string, place: CarryPlace) => void;
  /** Ids of what stays in the vehicle. */
  vehicle: readonly string[];
  onVehicle: (id: string) => void;
  /** Whether this very kit is the one that goes along. */
  isPacked: boolean;
  onPack: () => void;
}) {
  const { solution, carried, trips, item, onHold, onKeepOut, onMove, onPack } = props;
  const { vehicle, onVehicle, isPacked, placeOf } = props;
  const thing = item === null ? null : solution.items[item]!;
  const lies = item === null ? null : placeOf(item);
  return (
    <ActionBar
      label={say.theChosenThing}
      className="-mx-4 mt-6 px-4 py-2 sm:-mx-8 sm:px-8 print:hidden"
    >
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
        <div className="min-w-48 flex-1">
          {thing && item !== null ? (
            <>
              <h2>{thing.name}</h2>
              <p className="text-soft">{priceWords(solution, carried, item, trips)}</p>
            </>
          ) : (
            <p className="text-soft">{say.tapAThingToHold}</p>
          )}
        </div>
        {thing && item !== null && (
          <>
            <Held isOn={solution.held.includes(item)} onPress={() => onHold(thing.id)}>
              {say.holdIn}
            </Held>
            <Held isOn={solution.keptOut.includes(item)} onPress={() => onKeepOut(thing.id)}>
              {say.keepOut}
            </Held>
            {!carried.has(item) && (
              <Held isOn={vehicle.includes(thing.id)} onPress={() => onVehicle(thing.id)}>
                {say.inTheVehicle}
              </Held>
            )}
            {CARRY_PLACES.filter((place) => place !== lies).map((place) => (
              <button
                key={place}
                type="button"
                className="btn btn-ghost"
                onClick={() => onMove(thing.id, place)}
              >
                {MOVE_WORDS[place]}
              </button>
            ))}
          </>
        )}
        {!isPacked && (
          <button type="button" className="btn btn-primary px-6" onClick={onPack}>
            {say.packThisKit}
          </button>
        )}
      </div>
    </ActionBar>
  );
}

function Held(props: { isOn: boolean; onPress: () => void; children: ReactNode }) {
  const { isOn, onPress, children } = props;
  return (
    <button
      type="button"
      aria-pressed={isOn}
      className={`btn ${isOn ? 'btn-neutral' : 'btn-outline'}`}
      onClick={onPress}
    >
      {children}
    </button>
  );
}

function priceWords(
  solution: KitSolution,
  carried: ReadonlySet<number>,
  item: number,
  trips: readonly Trip[],
): string {
  const { minutes: worth, unserved } = thingPrice(solution, carried, item);
  const used = pastUse(trips, solution.items[item]!.id);
  const lost = unserved.length;
  const lostWords = lost === 1 ? needWords(unserved[0]!) : counted.need(lost);
  const words = carried.has(item)
    ? lost > 0
      ? say.lostNothingServes(lostWords)
      : say.loseItAndTheTrip(worth)
    : lost > 0
      ? say.itWouldServe(lostWords)
      : say.itWouldSave(worth);
  return `${words}${used ? `; ${used}` : ''}.`;
}
