import type { Tool, Zone } from '../../domain/tool';
import { bestStropStrokes, dulledEdge, finishRadiusUm, stropRadiusUm } from '../sharpness';
import type { Hand } from './stoneWork';
import { KEEN_SHARE, ratesOn } from './stropWork';
import type { LadderAbrasive, LadderStrop } from './types';
import { whyUnfit } from './whyUnfit';
import { workingFace } from './workingFace';

/** What one strop does to one edge, stroke by stroke. */
export interface StropOutlook {
  strop: LadderStrop;
  /** Strokes over both sides at which the edge is best; 0 where any stroke harms. */
  bestStrokes: number;
  /** The apex (µm) at that count, and at any other. */
  bestUm: number;
  radiusUm: (strokes: number) => number;
}

/** Every strop at hand that reaches an edge, on this very steel, the one that leaves it keenest first. */
export function stropOutlooks(edge: {
  tool: Tool;
  zone: Zone;
  apexRadiusUm: number;
  keenRadiusUm: number | null;
  abrasives: readonly LadderAbrasive[];
  hand: Hand;
}): StropOutlook[] {
  const { tool, zone, apexRadiusUm, hand } = edge;
  const face = workingFace(tool, zone);
  const knownUm = edge.keenRadiusUm ?? KEEN_SHARE * zone.targetApexUm;
  return edge.abrasives
    .filter((abrasive): abrasive is LadderStrop => abrasive.kind === 'strop')
    .filter((strop) => whyUnfit(strop, face) === null)
    .map((strop): StropOutlook => {
      const floorUm = finishRadiusUm({ sizeUm: strop.sizeUm, burr: 'deburred' });
      const keenUm = Math.min(apexRadiusUm, Math.max(floorUm, knownUm));
      const course = { ...dulledEdge({ keenUm, apexRadiusUm }), ...ratesOn(face, strop, hand) };
      const radiusUm = (strokes: number): number => stropRadiusUm({ ...course, strokes });
      const bestStrokes = bestStropStrokes(course);
      return { strop, bestStrokes, bestUm: radiusUm(bestStrokes), radiusUm };
    })
    .sort((a, b) => a.bestUm - b.bestUm || (a.strop.id < b.strop.id ? -1 : 1));
}
