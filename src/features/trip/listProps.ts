import type { CareRow } from '../../core/care';
import type {
  DoneOnTrip,
  MaintenancePlan,
  RefusedStone,
  SetAdvice,
  TripForecast,
} from '../../core/trip';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import type { TripPhase } from '../../domain/tripDays';
import type { EdgeNamer } from '../../ui/words/edgeNames';

/** What the lists of a trip are made from. */
export interface ListProps {
  trip: Trip;
  plan: MaintenancePlan;
  forecast: TripForecast;
  /** What of tools and stones is due before it. */
  care: readonly CareRow[];
  /** What wants a film on return. */
  careAfter: readonly CareRow[];
  refused: readonly RefusedStone[];
  sets: readonly SetAdvice[];
  done: DoneOnTrip;
  phase: TripPhase;
  /** The day of the trip that it is. */
  today: number;
  tools: readonly Tool[];
  nameOf: EdgeNamer;
  dayName: (day: number) => string;
}
