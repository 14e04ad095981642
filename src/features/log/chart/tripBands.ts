import type { Trip } from '../../../domain/trip';
import { dayOfTrip } from '../../../domain/tripDays';
import type { Span } from '../logFilter';

/** A trip behind the courses. */
export interface TripBand {
  id: string;
  name: string;
  from: Date;
  to: Date;
}

/** The trips that fall into a span, by their first day. */
export function bandsOf(trips: readonly Trip[], [fromMs, toMs]: Span): TripBand[] {
  return trips
    .map((trip) => ({
      id: trip.id,
      name: trip.name,
      from: dayOfTrip(trip, 0),
      to: dayOfTrip(trip, trip.days),
    }))
    .filter(({ from, to }) => to.getTime() > fromMs && from.getTime() < toMs)
    .sort((a, b) => a.from.getTime() - b.from.getTime());
}
