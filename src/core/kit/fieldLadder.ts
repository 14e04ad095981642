import type { Tool, Zone } from '../../domain/tool';
import { edgeTarget, workingFace, type Hand, type LadderAbrasive, type Ladder } from '../ladder';
import { EVENT_STATES, ladderAt } from '../trip';

/** The touch-up of a tired edge with what is carried: what a field card says of it. */
export function fieldLadder(input: {
  tool: Tool;
  zone: Zone;
  abrasives: readonly LadderAbrasive[];
  hand: Hand;
}): Ladder {
  const { tool, zone, abrasives, hand } = input;
  const [face, target] = [workingFace(tool, zone), edgeTarget(tool, zone, 'field')];
  return ladderAt({ face, target, abrasives, hand }, EVENT_STATES['touch-up'].ratio, 0);
}
