import type { Tool, Zone } from '../../domain/tool';
import {
  edgeTarget,
  workingFace,
  type Hand,
  type LadderAbrasive,
  type LadderPlan,
} from '../ladder';
import { EVENT_STATES, plannedAt } from '../trip';

/** The touch-up of a tired edge with what is carried: what a field card says of it. */
export function fieldLadder(input: {
  tool: Tool;
  zone: Zone;
  abrasives: readonly LadderAbrasive[];
  hand: Hand;
}): LadderPlan {
  const { tool, zone, abrasives, hand } = input;
  const [face, target] = [workingFace(tool, zone), edgeTarget(tool, zone, 'field')];
  return plannedAt({ face, target, abrasives, hand }, EVENT_STATES['touch-up'].ratio, 0);
}
