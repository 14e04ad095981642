import type { Tool, Zone } from '../../domain/tool';
import { edgeTarget, workingFace, type Hand, type LadderAbrasive, type Ladder } from '../ladder';
import { EVENT_STATES, ladderAt, type TouchUpEvent } from '../trip';

/** How an edge is brought back out there with what is at hand, from the state that an event stands for. */
export function fieldLadder(input: {
  tool: Tool;
  zone: Zone;
  abrasives: readonly LadderAbrasive[];
  hand: Hand;
  event: TouchUpEvent;
}): Ladder {
  const { tool, zone, abrasives, hand, event } = input;
  const [face, target] = [workingFace(tool, zone), edgeTarget(tool, zone, 'field')];
  const { ratio, chipMm } = EVENT_STATES[event];
  return ladderAt({ face, target, abrasives, hand }, ratio, chipMm);
}
