import { tripWords as say } from '../../ui/words/screens/trip';
import { leftUnticked, shelfThings } from '../../core';
import type { Trip } from '../../domain/trip';
import { useNow, useRecords, useShelf } from '../../live';
import { listed } from '../../ui/format';
import Link from '../../ui/Link';
import { tripQuery } from '../../ui/useChosenTrip';

/** What of the kit nothing here counts on, as it was not ticked while packing. */
export function LeftUnticked({ trip }: { trip: Trip }) {
  const shelf = useShelf();
  const helpers = useRecords('helpers');
  const now = useNow();
  if (!shelf || !helpers) return null;
  const things = leftUnticked([...shelfThings(shelf), ...helpers], trip, now);
  if (things.length === 0) return null;
  return (
    <p className="mt-2">
      {say.notTickedWhilePackingSo} <b>{listed(things.map(({ name }) => name))}</b>.{' '}
      <Link href={`/kit${tripQuery(trip.id)}`} className="link">
        {say.tickWhatIsHere}
      </Link>
    </p>
  );
}
