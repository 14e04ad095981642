import type { Session } from './session';
import type { Spot } from './terms';
import type { Trip } from './trip';

/** Where a person works out there, from the least at hand to the most. */
const SPOTS_OUT = ['belt', 'pack', 'camp', 'vehicle'] as const satisfies readonly Spot[];
export type SpotOut = (typeof SPOTS_OUT)[number];

/** The places that a trip has; a vehicle only where something was left in it. */
export function spotsOut({ carried }: Pick<Trip, 'carried'>): SpotOut[] {
  const hasVehicle = carried.some(({ place }) => place === 'workshop');
  return SPOTS_OUT.filter((spot) => spot !== 'vehicle' || hasVehicle);
}

/** A spot as the log has it. */
export function whereOf(spot: Spot): Session['where'] {
  return spot === 'bench' ? 'bench' : 'field';
}
