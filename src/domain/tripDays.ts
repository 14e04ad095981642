import { addDays, differenceInCalendarDays, parseISO } from 'date-fns';
import type { Trip } from './trip';

/** The day of a trip that a moment falls on, from 0; negative before it, and from `days` on after it. */
export function tripDayOf({ startsOn }: Pick<Trip, 'startsOn'>, at: string | Date): number {
  return differenceInCalendarDays(at, parseISO(startsOn));
}

/** Where a trip stands at a moment. */
export type TripPhase = 'ahead' | 'under way' | 'over';

export function tripPhase(trip: Pick<Trip, 'startsOn' | 'days'>, at: string | Date): TripPhase {
  const day = tripDayOf(trip, at);
  return day < 0 ? 'ahead' : day < trip.days ? 'under way' : 'over';
}

/** Whether its tools may be looked through: from its last day on. */
export function mayCheckIn(trip: Pick<Trip, 'startsOn' | 'days'>, at: string | Date): boolean {
  return tripDayOf(trip, at) >= trip.days - 1;
}

/** The morning of one of its days. */
export function dayOfTrip({ startsOn }: Pick<Trip, 'startsOn'>, day: number): Date {
  return addDays(parseISO(startsOn), day);
}

/** Whether a tool goes on a trip: ticked for it, and kept at home by no rule. */
export function goesAlong(trip: Pick<Trip, 'toolIds' | 'forbidden'>, toolId: string): boolean {
  return trip.toolIds.includes(toolId) && !trip.forbidden.some((rule) => rule.toolId === toolId);
}

/** The trip that a tool is on at a moment; null for one at home. */
export function tripOf(trips: readonly Trip[], toolId: string, at: string | Date): Trip | null {
  return (
    trips.find(
      (trip) =>
        trip.archivedAt === null && tripPhase(trip, at) === 'under way' && goesAlong(trip, toolId),
    ) ?? null
  );
}

/** Trips that are not put away, by their day. */
export function openTrips(trips: readonly Trip[]): Trip[] {
  return trips
    .filter(({ archivedAt }) => archivedAt === null)
    .sort((a, b) => (a.startsOn < b.startsOn ? -1 : 1));
}

/** The trip that is under way; undefined where none is. */
export function tripUnderWay(trips: readonly Trip[], at: string | Date): Trip | undefined {
  return openTrips(trips).find((trip) => tripPhase(trip, at) === 'under way');
}

/** The next trip that has not ended, or that is under way. */
export function nextTrip(trips: readonly Trip[], at: string | Date): Trip | undefined {
  return openTrips(trips).find((trip) => tripPhase(trip, at) !== 'over');
}
