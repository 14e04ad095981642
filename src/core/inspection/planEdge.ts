import type { Tool, Zone } from '../../domain/tool';
import { planLadder, workingFace, type LadderAbrasive, type LadderPlan } from '../ladder';
import type { Pace } from '../wear';
import { edgeWord, KEEN_UP_TO } from './edgeState';

/**
 * The ladder for one zone as it was seen. An edge that is keen for its work is left alone, even
 * where the estimate lies a little above the target: a test is no finer than that. For the same
 * reason an edge that stropping alone makes keen is stropped, before any stone.
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
  const isKeen = edgeWord(apexRadiusUm / targetApexUm, damageDepthMm) === 'keen';
  const problem = {
    zone: workingFace(tool, zone),
    condition: {
      apexRadiusUm: isKeen ? Math.min(apexRadiusUm, targetApexUm) : apexRadiusUm,
      damageDepthMm: isKeen ? 0 : damageDepthMm,
      keenRadiusUm: input.keenRadiusUm ?? undefined,
    },
    target: { apexRadiusUm: targetApexUm },
    abrasives,
    pace,
  };
  const stropped = planLadder({
    ...problem,
    target: { apexRadiusUm: KEEN_UP_TO * targetApexUm },
    abrasives: abrasives.filter(({ kind }) => kind === 'strop'),
  });
  return stropped.outcome === 'planned' ? stropped : planLadder(problem);
}
