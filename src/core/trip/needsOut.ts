import type { LoggedSession } from '../../domain/loggedSession';
import { spotsOut, type SpotOut } from '../../domain/spots';
import type { Trip } from '../../domain/trip';
import { goesAlong } from '../../domain/tripDays';
import { benchAt, edgeNeeds, type EdgeNeed, type ZoneState } from '../inspection';
import type { Hand, Shelf } from '../ladder';
import type { TesterScale } from '../sharpness';

/** What the edges on a trip need, by where they would be worked. */
export type NeedsOut = Record<SpotOut, EdgeNeed[]>;

/** The work that every edge on a trip asks for with what is at hand in each place there. */
export function needsOut(input: {
  trip: Trip;
  zones: readonly ZoneState[];
  shelf: Shelf;
  hand: Hand;
  sessions: readonly LoggedSession[];
  tester: TesterScale | null;
  now: string;
}): NeedsOut {
  const { trip, zones, shelf, hand, sessions, tester, now } = input;
  const states = zones.filter(({ tool }) => goesAlong(trip, tool.id));
  const at = (spot: SpotOut): EdgeNeed[] =>
    edgeNeeds({
      states,
      sessions,
      tester,
      benchOf: ({ schools }) => benchAt({ spot, shelf, trip, now, schools, hand }),
    });
  const camp = at('camp');
  return {
    belt: at('belt'),
    pack: at('pack'),
    camp,
    vehicle: spotsOut(trip).includes('vehicle') ? at('vehicle') : camp,
  };
}
