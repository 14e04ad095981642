import { isGreasy } from '../domain/lubricantsOf';
import type { Session } from '../domain/session';
import { isWorked } from '../domain/observation';
import type { Store } from './store';

/**
 * Notes on the stones of a session that was done with oil or fat that they have had it: from then on
 * they are not planned with water. What is noted already, or is not on the shelf any more, stays. A
 * write that is refused tells of itself and can be tried again: the session is kept all the same.
 */
export async function noteOil(
  { abrasives }: Pick<Store, 'abrasives'>,
  { steps }: Session,
): Promise<void> {
  const oiled = steps
    .filter((step) => step.kind === 'stone' && isWorked(step) && isGreasy(step.lubricant))
    .map(({ itemId }) => itemId.split('/')[0]!);
  const at = new Date().toISOString();
  for (const id of new Set(oiled)) {
    const present = await abrasives.get(id);
    if (!present || present.usedWithOil) continue;
    await abrasives
      .update(id, (stone) => ({ ...stone, usedWithOil: true, updatedAt: at }))
      .catch(() => {});
  }
}
