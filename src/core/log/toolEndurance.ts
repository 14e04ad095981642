import type { Tool } from '../../domain/tool';
import { learn, type Endurance } from '../evidence';
import { lastingEvidence, type WorkLog } from './workEvidence';

/** How long finishes last on the edges of one tool, by its log. */
export function toolEndurance(tool: Tool, log: WorkLog): Endurance[] {
  const evidence = tool.zones.flatMap((zone) => lastingEvidence(tool, zone, log));
  return learn({ evidence, stated: [] }).endurance;
}
