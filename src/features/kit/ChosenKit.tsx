'use client';

import { kitWords as say } from './words/kitWords';
import { sum } from 'd3-array';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import {
  duplicates,
  kitTotals,
  placeIn,
  type KitSolution,
  type KitStep,
  type SolvedNeed,
} from '../../core/kit';
import type { Shelf } from '../../core/ladder';
import type { CarryPlace } from '../../domain/terms';
import type { Helper } from '../../domain/shelf';
import type { Trip } from '../../domain/trip';
import type { TripStep } from '../../live';
import { listed } from '../../ui/format';
import { needWords, stepWords, timesWords } from './words/kitVerdicts';
import { CoverTable } from './CoverTable';
import { FRONTIER_HEIGHT } from './frontierHeight';
import type { ShownKit } from './FrontierChart';
import { KitSums } from './KitSums';
import { LeftAtHome } from './LeftAtHome';
import { Mats } from './Mats';
import { isSamePacking, withTicks } from './packing';
import { ThingBar } from './ThingBar';
import { useChosenKit, type ChosenKit as ChosenKitOnFrontier } from './useChosenKit';
import type { ShownKits } from './useKits';

const FrontierChart = dynamic(() => import('./FrontierChart'), {
  ssr: false,
  loading: () => <div style={{ height: FRONTIER_HEIGHT }} />,
});

/** The kit that is chosen on the frontier: in sum, laid out, and what each thing does for it. */
export function ChosenKit(props: {
  trip: Trip;
  trips: readonly Trip[];
  shelf: Shelf;
  helpers: readonly Helper[];
  solution: KitSolution;
  kits: ShownKits;
  now: string;
  onChange: (step: TripStep) => void;
}) {
  const { trip, trips, shelf, helpers, solution, kits, now, onChange } = props;
  const kit = useChosenKit(trip, solution, kits);
  const { carried, totals, lighter, heavier, along } = kit;
  const [item, setItem] = useState<string | null>(null);
  const chosen = solution.items.findIndex(({ id }) => id === item);
  const placeOf = (i: number): CarryPlace => placeIn(solution, kit.kit, i);
  const look = {
    solution,
    carried,
    chosen: chosen >= 0 ? chosen : null,
    onChoose: (index: number) => setItem(solution.items[index]!.id),
  };
  return (
    <>
      <div className="mt-2 grid gap-x-10 sm:grid-cols-[16rem_1fr]">
        <KitSums kit={kit} trip={trip} solution={solution} kits={kits} now={now} />
        <Frontier kit={kit} solution={solution} />
      </div>
      <div className="mt-1 mb-3 grid grid-cols-2 gap-3 sm:hidden">
        {[lighter, heavier].map((step, i) => (
          <StepButton
            key={i}
            solution={solution}
            step={step}
            onTake={() => kit.ask(step!.to.grams)}
          />
        ))}
      </div>
      <Unserved needs={totals.unserved} />
      <div className="mt-3">
        <Mats
          {...look}
          placeOf={placeOf}
          shelf={shelf}
          helpers={helpers}
          lighter={lighter}
          heavier={heavier}
        />
      </div>
      <BesideIt solution={solution} carried={carried} vehicle={trip.kit.vehicle} />
      <LeftAtHome {...look} trips={trips} />
      <CoverTable solution={solution} kit={kit.kit} />
      <ThingBar
        {...changesOf(onChange)}
        solution={solution}
        carried={carried}
        trips={trips}
        item={look.chosen}
        placeOf={placeOf}
        vehicle={trip.kit.vehicle}
        isPacked={isSamePacking(along, trip.carried)}
        onPack={() => {
          kit.ask(null);
          onChange((own) => ({ ...own, carried: withTicks(along, own.carried) }));
        }}
      />
    </>
  );
}

/** Needs that a kit cannot serve make it short from so many times a trip on. */
const LIKELY_UNSERVED = 0.5;

/** All kits worth a step, what the next one would buy, and the grip along them. */
function Frontier({ kit, solution }: { kit: ChosenKitOnFrontier; solution: KitSolution }) {
  const { points, at, totals } = kit;
  const shown = useMemo(
    () =>
      points.map(({ items }): ShownKit => {
        const own = kitTotals(solution, new Set(items));
        const unserved = sum(own.unserved, ({ count }) => count);
        return { grams: own.grams, minutes: own.minutes, isShort: unserved >= LIKELY_UNSERVED };
      }),
    [points, solution],
  );
  return (
    <div>
      <h2>{kit.title}</h2>
      <FrontierChart
        kits={shown}
        at={at}
        says={say.kitInShort(totals.grams, totals.minutes, kit.serves)}
        onChoose={(next) => kit.ask(points[next]!.grams)}
      />
      <p className="text-[0.9rem] text-soft">{say.whatFrontierShows}</p>
    </div>
  );
}

/** What lies in the vehicle, and what is hardly needed beside the rest. */
function BesideIt(props: {
  solution: KitSolution;
  carried: ReadonlySet<number>;
  vehicle: readonly string[];
}) {
  const { solution, carried, vehicle } = props;
  const there = solution.items.filter(({ id }, i) => vehicle.includes(id) && !carried.has(i));
  const twice = duplicates(solution, carried).map((i) => solution.items[i]!);
  return (
    <>
      {vehicle.length > 0 && (
        <p className="mt-3">
          {say.inTheVehicleBesideIt} <b>{listed(there.map(({ name }) => name))}</b>.
        </p>
      )}
      {twice.length > 0 && (
        <p className="mt-3">
          {say.hardlyNeededBesideTheRest} <b>{listed(twice.map(({ name }) => name))}</b>.
        </p>
      )}
    </>
  );
}

/** What the kit cannot do, and how often that is expected to come. */
function Unserved({ needs }: { needs: readonly SolvedNeed[] }) {
  if (needs.length === 0) return null;
  return (
    <div className="mt-2 border-l-4 border-blaze pl-4">
      <h2>{say.unserved}</h2>
      <p>{listed(needs.map((need) => `${needWords(need)} (${timesWords(need.count)})`))}.</p>
    </div>
  );
}

function StepButton(props: { solution: KitSolution; step: KitStep | null; onTake: () => void }) {
  const { solution, step, onTake } = props;
  if (!step) return <span />;
  return (
    <button type="button" className="btn btn-outline h-auto py-2" onClick={onTake}>
      {stepWords(solution, step)}
    </button>
  );
}

/** What a person asks of one thing, as changes of the trip. */
function changesOf(onChange: (step: TripStep) => void) {
  const changeKit = (part: (kit: Trip['kit']) => Partial<Trip['kit']>): void =>
    onChange((own) => ({ ...own, kit: { ...own.kit, ...part(own.kit) } }));
  return {
    onHold: (id: string) =>
      changeKit(({ heldIn, keptOut }) => ({
        heldIn: toggled(heldIn, id),
        keptOut: keptOut.filter((other) => other !== id),
      })),
    onKeepOut: (id: string) =>
      changeKit(({ heldIn, keptOut }) => ({
        keptOut: toggled(keptOut, id),
        heldIn: heldIn.filter((other) => other !== id),
      })),
    onVehicle: (id: string) => changeKit(({ vehicle }) => ({ vehicle: toggled(vehicle, id) })),
    onMove: (id: string, place: CarryPlace) =>
      changeKit(({ places }) => ({
        places: [...places.filter(({ itemId }) => itemId !== id), { itemId: id, place }],
      })),
  };
}

function toggled(ids: readonly string[], id: string): string[] {
  return ids.includes(id) ? ids.filter((other) => other !== id) : [...ids, id];
}
