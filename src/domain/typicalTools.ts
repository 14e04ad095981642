import { KINDS, type ToolKind } from './kinds';
import { USUAL_SCHOOLS } from './schools';
import { targetApexFor } from './tasks';
import type { Tool } from './tool';

export type ToolMeasures = Omit<Tool, 'id' | 'createdAt' | 'updatedAt' | 'deletedAt'>;

/** A tool of its kind as it usually comes, with one zone over the whole edge. */
export function typicalTool(kind: ToolKind, name: string): ToolMeasures {
  const own = KINDS[kind];
  const { zone } = own;
  return {
    name,
    kind,
    edgeLengthMm: own.edgeLengthMm,
    bladeWidthMm: own.bladeWidthMm,
    spineThicknessMm: own.spineThicknessMm,
    reserveMm: own.reserveMm,
    outline: own.outline,
    traced: null,
    steel: own.steel,
    count: 1,
    spine: { use: 'plain', raisingsLeft: 0, startMm: null, endMm: null },
    head: own.head,
    handle: 'wood',
    handleOf: null,
    sheath: 'none',
    schools: USUAL_SCHOOLS,
    notes: '',
    zones: [
      {
        ...zone,
        id: 'edge',
        name: 'whole edge',
        startMm: 0,
        endMm: own.edgeLengthMm,
        angleMethod: 'typical',
        angleErrorDeg: null,
        measuredAt: null,
        noImpacts: false,
        hollowRadiusMm: zone.grind === 'hollow' ? 100 : null,
        faceLimitMm: null,
        facet: null,
        work: [...own.work],
        targetApexUm: targetApexFor(own.work),
      },
    ],
  };
}
