import type { EdgeNeed } from './edgeNeeds';
import { edgeWord, type EdgeWord } from './edgeState';

/** The state in which an edge leaves home once the work that it asks for there is done. */
export function promisedOnLeaving({
  stops,
  state,
  plan,
  zone,
  job,
}: EdgeNeed): EdgeWord | 'stop use' {
  if (stops.length > 0) return 'stop use';
  const isWorked = plan?.outcome === 'planned' && (job === 'touch-up' || job === 'hone');
  if (!isWorked) return state.word;
  return edgeWord(plan.apexRadiusUm, zone.targetApexUm, 0);
}
