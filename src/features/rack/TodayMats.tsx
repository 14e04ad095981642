'use client';

import { rackWords as say } from './words';
import { sum } from 'd3-array';
import { shelfAt, shelfThings } from '../../core/ladder';
import type { TonightLine } from '../../core/trip';
import { spotsOut, type SpotOut } from '../../domain/spots';
import type { Trip } from '../../domain/trip';
import { useShelf } from '../../live';
import { minutes } from '../../ui/format';
import { ThingDrawing } from '../../ui/things/ThingDrawing';

const MAT_WORDS: Record<SpotOut, string> = {
  belt: 'belt',
  pack: say.pack,
  camp: say.camp,
  vehicle: say.vehicle,
};
const PX_PER_MM = 0.32;
const MOST_PX = 120;

/**
 * What is at hand, mat upon mat: what each adds, what tonight takes with it, and what would stay. A tap plans
 * from there.
 */
export function TodayMats(props: {
  trip: Trip;
  now: string;
  chosen: SpotOut;
  onChoose: (spot: SpotOut) => void;
  /** What tonight asks for in each place. */
  linesAt: (spot: SpotOut) => TonightLine[];
}) {
  const { trip, now, chosen, onChoose, linesAt } = props;
  const shelf = useShelf();
  if (!shelf) return null;
  const spots = spotsOut(trip);
  const all = linesAt('camp');
  const thingsAt = (spot: SpotOut) => shelfThings(shelfAt(spot, shelf, trip, now));
  return (
    <section aria-label={say.whatIHave}>
      <div className="flex justify-between">
        <h2>{say.whatIHave}</h2>
        <span className="text-soft">{say.tonightWithIt}</span>
      </div>
      <ul className="grid gap-1">
        {spots.map((spot, i) => {
          const before = new Set(i === 0 ? [] : thingsAt(spots[i - 1]!).map(({ id }) => id));
          const added = thingsAt(spot).filter(({ id }) => !before.has(id));
          const lines = linesAt(spot);
          const stays = all.filter(({ edgeId }) => !lines.some((line) => line.edgeId === edgeId));
          const isChosen = spot === chosen;
          return (
            <li key={spot}>
              <button
                type="button"
                aria-pressed={isChosen}
                className="flex w-full cursor-pointer items-center gap-3 bg-base-200 pr-2 text-left"
                onClick={() => onChoose(spot)}
              >
                <span
                  className={`sign self-stretch px-3 py-3 text-lg ${isChosen ? 'bg-neutral text-neutral-content' : ''} w-[5.5rem] shrink-0`}
                >
                  {MAT_WORDS[spot]}
                </span>
                <span className="min-w-0 flex-1 py-1">
                  <span className="flex flex-wrap items-center gap-2">
                    {added.map(
                      (thing) =>
                        'form' in thing && (
                          <ThingDrawing
                            key={thing.id}
                            thing={thing}
                            pxPerMm={PX_PER_MM}
                            mostPx={MOST_PX}
                          />
                        ),
                    )}
                  </span>
                  <span
                    className={`text-[0.92rem] leading-tight ${isChosen ? 'block' : 'sr-only sm:not-sr-only sm:block'}`}
                  >
                    {added.map(({ name }) => name).join(', ') || 'nothing'}
                  </span>
                </span>
                <span className="figures shrink-0 text-right">
                  <b className="block text-lg">{minutes(sum(lines, (line) => line.minutes))}</b>
                  {stays.length > 0 && say.edgesStay(stays.length)}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
