import type { EdgeNeed } from './edgeNeeds';

/** Whether an edge asks for anything: before it goes out, and tonight where it is out. */
export function asksForWork({
  state,
  plan,
  beyond,
}: Pick<EdgeNeed, 'state' | 'plan' | 'beyond'>): boolean {
  if (beyond !== null) return true;
  return state.word === 'unknown' || (state.word !== 'keen' && plan?.outcome !== 'leave alone');
}
