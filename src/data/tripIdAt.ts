import { tripOf } from '../domain/tripDays';
import type { Store } from './store';

/** The id of the trip that a tool is on at a moment; null for one at home. */
export async function tripIdAt(
  { trips }: Pick<Store, 'trips'>,
  toolId: string,
  at: string,
): Promise<string | null> {
  return tripOf(await trips.list(), toolId, at)?.id ?? null;
}
