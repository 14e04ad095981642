import type { Tool, Zone } from '../../domain/tool';
import {
  lightestLadder,
  planLadder,
  workingFace,
  type LadderAbrasive,
  type LadderPlan,
} from '../ladder';
import type { Pace } from '../wear';
import { edgeWord } from './edgeState';
import { thinAlong } from './thinAlong';

/**
 * The ladder for one zone as it was seen: the lightest that does it. An edge that is keen for its
 * work is left alone, even where the estimate lies a little above the target: a test is no finer.
 */
export function planEdge(input: {
  tool: Tool;
  zone: Zone;
  apexRadiusUm: number;
  damageDepthMm: number;
  keenRadiusUm: number | null;
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}): LadderPlan {
  const { tool, zone, apexRadiusUm, damageDepthMm, abrasives, pace } = input;
  const { targetApexUm } = zone;
  const face = workingFace(tool, zone);
  if (edgeWord(apexRadiusUm / targetApexUm, damageDepthMm) === 'keen') {
    const keen = { apexRadiusUm: Math.min(apexRadiusUm, targetApexUm), damageDepthMm: 0 };
    const target = { apexRadiusUm: targetApexUm };
    return planLadder({ zone: face, condition: keen, target, abrasives, pace });
  }
  const condition = {
    apexRadiusUm,
    damageDepthMm,
    keenRadiusUm: input.keenRadiusUm ?? undefined,
  };
  const ladder = lightestLadder({ face, condition, targetApexUm, abrasives, pace });
  return thinAlong({ tool, zone, apexRadiusUm, damageDepthMm, ladder, abrasives, pace });
}
