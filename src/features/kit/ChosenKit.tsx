'use client';

import { useState } from 'react';
import {
  duplicates,
  kitTotals,
  lightestServing,
  nextKit,
  oneStep,
  shownPoints,
  wayWith,
  type FrontierPoint,
  type KitSolution,
  type KitStep,
  type Shelf,
  type SolvedNeed,
} from '../../core';
import type { CarryPlace } from '../../domain/terms';
import type { Trip } from '../../domain/trip';
import type { TripStep } from '../../live';
import { grams, listed, minutes, plural } from '../../ui/format';
import { needWords, stepTitle } from '../../ui/words/kitWords';
import { CoverTable } from './CoverTable';
import { FrontierChart } from './FrontierChart';
import { LeftAtHome } from './LeftAtHome';
import { Mats } from './Mats';
import { isSameKit, isSamePacking, packedItems, packedKit, withTicks } from './packing';
import { OutThere } from './OutThere';
import { ThingBar } from './ThingBar';
import type { ShownKits } from './useKits';

/** The kit that is chosen on the frontier: in sum, laid out, and what each thing does for it. */
export function ChosenKit(props: {
  trip: Trip;
  trips: readonly Trip[];
  shelf: Shelf;
  solution: KitSolution;
  kits: ShownKits;
  now: string;
  onChange: (step: TripStep) => void;
}) {
  const { trip, trips, shelf, solution, kits, now, onChange } = props;
  const points = shownPoints(solution.points);
  const [wanted, setWanted] = useState<number | null>(null);
  const [item, setItem] = useState<string | null>(null);
  // Until another is asked for, the kit is the one that is packed, or the best within the limits.
  const packed = packedItems(solution, trip.carried);
  const own = wanted === null ? (packed ?? kits.within) : null;
  const isWithin = own !== null && packed === null;
  const nearG = wanted ?? (own && kitTotals(solution, new Set(own)).grams);
  const at =
    nearG === null
      ? lightestServing(solution, points)
      : Math.max(
          0,
          points.findLastIndex((point) => point.grams <= nearG),
        );
  const carried = new Set(own ?? points[at]?.items ?? []);
  const totals = kitTotals(solution, carried);
  const isOnFrontier = own === null || isSameKit(own, points[at]?.items ?? []);
  const step = (way: 'lighter' | 'heavier'): KitStep | null =>
    isOnFrontier ? (oneStep(points, at, way) ?? nextKit(points, at, way)) : null;
  const serves =
    totals.unserved.length === 0
      ? 'no edge unserved'
      : `${plural(totals.unserved.length, 'need')} unserved`;
  const [heavier, lighter] = [step('heavier'), step('lighter')];
  const title = stepTitle(solution, heavier ?? nextKit(points, at, 'heavier'), (next) =>
    gainedBy(solution, points[at]!, next),
  );
  const chosen = solution.items.findIndex(({ id }) => id === item);
  const twice = duplicates(solution, carried);
  const kit = trip.kit;
  const along = packedKit(solution, carried, kit.vehicle);
  const changeKit = (part: (kit: Trip['kit']) => Partial<Trip['kit']>): void =>
    onChange((own) => ({ ...own, kit: { ...own.kit, ...part(own.kit) } }));
  const toggled = (ids: readonly string[], id: string): string[] =>
    ids.includes(id) ? ids.filter((other) => other !== id) : [...ids, id];
  return (
    <>
      <div className="mt-2 grid gap-x-10 sm:grid-cols-[16rem_1fr]">
        <div role="status">
          <p className="sign figures text-[5.2rem] leading-none" data-testid="kit-grams">
            {grams(totals.grams)}
          </p>
          <p className="mt-1">
            <b>About {minutes(totals.minutes)}</b> to the targets in {plural(trip.days, 'day')},{' '}
            {minutes(totals.minutes / trip.days)} a day; {serves}.
            {!solution.proven && ' Not proven.'}
          </p>
          {trip.work.length > 0 && kits.share === null && (
            <OutThere trip={trip} now={now} kit={along} />
          )}
          {packed !== null && wanted === null && (
            <p className="mt-1">This is the kit that goes along.</p>
          )}
          {packed !== null && wanted !== null && (
            <button type="button" className="link min-h-12" onClick={() => setWanted(null)}>
              Back to the kit that goes along
            </button>
          )}
          {kits.limitsBind && packed === null && (
            <p className="mt-1">
              {kits.within === null
                ? 'Nothing fits your limits with what is held in.'
                : isWithin
                  ? 'The best within your limits.'
                  : ''}
              {!isWithin && kits.within !== null && (
                <button type="button" className="link min-h-12" onClick={() => setWanted(null)}>
                  Back to the best within your limits
                </button>
              )}
            </p>
          )}
        </div>
        <FrontierChart
          points={points}
          at={at}
          title={title}
          says={`${grams(totals.grams)}, about ${minutes(totals.minutes)}, ${serves}`}
          onChoose={(next) => setWanted(points[next]!.grams)}
        />
      </div>
      <div className="mt-1 mb-3 grid grid-cols-2 gap-3 sm:hidden">
        <StepButton step={lighter} onTake={(step) => setWanted(step.to.grams)} />
        <StepButton step={heavier} onTake={(step) => setWanted(step.to.grams)} />
      </div>
      {totals.unserved.length > 0 && (
        <div className="mt-2 border-l-4 border-blaze pl-4">
          <h2>Unserved</h2>
          <p>{listed(totals.unserved.map(needWords))}.</p>
        </div>
      )}
      <div className="mt-3">
        <Mats
          solution={solution}
          carried={carried}
          shelf={shelf}
          lighter={lighter}
          heavier={heavier}
          chosen={chosen >= 0 ? chosen : null}
          onChoose={(index) => setItem(solution.items[index]!.id)}
        />
      </div>
      {kit.vehicle.length > 0 && (
        <p className="mt-3">
          In the vehicle beside it, not carried:{' '}
          <b>
            {listed(
              solution.items
                .filter(({ id }, i) => kit.vehicle.includes(id) && !carried.has(i))
                .map(({ name }) => name),
            )}
          </b>
          .
        </p>
      )}
      {twice.length > 0 && (
        <p className="mt-3">
          Hardly needed beside the rest: <b>{listed(twice.map((i) => solution.items[i]!.name))}</b>.
        </p>
      )}
      <LeftAtHome
        solution={solution}
        carried={carried}
        trips={trips}
        chosen={chosen >= 0 ? chosen : null}
        onChoose={(index) => setItem(solution.items[index]!.id)}
      />
      <CoverTable solution={solution} carried={carried} />
      <ThingBar
        solution={solution}
        carried={carried}
        trips={trips}
        item={chosen >= 0 ? chosen : null}
        onHold={(id) =>
          changeKit(({ heldIn, keptOut }) => ({
            heldIn: toggled(heldIn, id),
            keptOut: keptOut.filter((other) => other !== id),
          }))
        }
        onKeepOut={(id) =>
          changeKit(({ heldIn, keptOut }) => ({
            keptOut: toggled(keptOut, id),
            heldIn: heldIn.filter((other) => other !== id),
          }))
        }
        vehicle={kit.vehicle}
        onVehicle={(id) => changeKit(({ vehicle }) => ({ vehicle: toggled(vehicle, id) }))}
        onMove={(id, place) => changeKit(({ places }) => ({ places: movedTo(places, id, place) }))}
        isPacked={isSamePacking(along, trip.carried)}
        onPack={() => {
          setWanted(null);
          onChange((own) => ({ ...own, carried: withTicks(along, own.carried) }));
        }}
      />
    </>
  );
}

function StepButton({ step, onTake }: { step: KitStep | null; onTake: (step: KitStep) => void }) {
  if (!step) return <span />;
  const isLighter = step.grams < 0;
  return (
    <button type="button" className="btn btn-outline h-auto py-2" onClick={() => onTake(step)}>
      {grams(Math.abs(step.grams))} {isLighter ? 'less' : 'more'}, {minutes(Math.abs(step.minutes))}{' '}
      {isLighter ? 'more' : 'less'}
    </button>
  );
}

/** Needs that a step serves, which the kit before it does not. */
function gainedBy(solution: KitSolution, from: FrontierPoint, { to }: KitStep): SolvedNeed[] {
  const [before, after] = [new Set(from.items), new Set(to.items)];
  return solution.needs.filter(
    (need) => wayWith(need, before) === null && wayWith(need, after) !== null,
  );
}

function movedTo(places: Trip['kit']['places'], itemId: string, place: CarryPlace) {
  return [...places.filter((other) => other.itemId !== itemId), { itemId, place }];
}
