import type { Tool, Zone } from '../../domain/tool';
import { planLadder, workingFace, type LadderAbrasive, type LadderPlan } from '../ladder';
import type { Pace } from '../wear';
import { edgeWord } from './edgeState';

/**
 * The ladder for one zone as it was seen. An edge that is keen for its work is left alone, even
 * where the estimate lies a little above the target: a test is no finer than that.
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
  const isKeen = edgeWord(apexRadiusUm / zone.targetApexUm, damageDepthMm) === 'keen';
  return planLadder({
    zone: workingFace(tool, zone),
    condition: {
      apexRadiusUm: isKeen ? Math.min(apexRadiusUm, zone.targetApexUm) : apexRadiusUm,
      damageDepthMm: isKeen ? 0 : damageDepthMm,
      keenRadiusUm: input.keenRadiusUm ?? undefined,
    },
    target: { apexRadiusUm: zone.targetApexUm },
    abrasives,
    pace,
  });
}
