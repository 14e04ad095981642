import { spoken } from '../../ui/words/closedWords';
import { counted } from '../../ui/words/counted';
import { careWords as say } from '../../ui/words/screens/care';
import type { Trip } from '../../domain/trip';
import { dayOfTrip, goesAlong } from '../../domain/tripDays';
import { workingSteel } from '../../core';
import { useRecords } from '../../live';
import { day, listed } from '../../ui/format';
import Link from '../../ui/Link';

/** The next trip across the list as a gate, with what its tools want on return. */
export function CareGate({ trip }: { trip: Trip }) {
  const tools = useRecords('tools') ?? [];
  const rusts = tools.filter(
    ({ id, steel }) => goesAlong(trip, id) && !workingSteel(steel).stainless,
  );
  return (
    <div
      data-gate
      className="my-2 flex flex-wrap items-baseline gap-x-5 border-x-[10px] border-y-[3px] border-wood border-y-[var(--rail-edge)] bg-rail px-4 py-2 text-rail-ink"
    >
      <Link
        href="/trip"
        className="sign text-xl underline pointer-coarse:inline-flex pointer-coarse:min-h-12 pointer-coarse:items-center underline-offset-4"
      >
        {trip.name}
      </Link>
      <span>
        {day(dayOfTrip(trip, 0).toISOString())}, {counted.day(trip.days)}
        {trip.climate.length > 0 && `, ${listed(trip.climate.map(spoken))}`}
      </span>
      {rusts.length > 0 && <span>{say.backHomeDryAndOil(rusts.length)}</span>}
    </div>
  );
}
