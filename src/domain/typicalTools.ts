import { USUAL_SCHOOLS } from './schools';
import { targetApexFor } from './tasks';
import type { ToolKind } from './terms';
import type { Tool, Zone } from './tool';
import { USUAL_WORK } from './usualWork';

export type ToolMeasures = Omit<Tool, 'id' | 'createdAt' | 'updatedAt' | 'deletedAt'>;

type Typical = Omit<
  ToolMeasures,
  'name' | 'kind' | 'zones' | 'notes' | 'count' | 'spine' | 'head' | 'handle' | 'sheath' | 'schools'
> & {
  zone: Omit<
    Zone,
    | 'id'
    | 'name'
    | 'startMm'
    | 'endMm'
    | 'angleMethod'
    | 'measuredAt'
    | 'noImpacts'
    | 'hollowRadiusMm'
    | 'faceLimitMm'
    | 'facet'
    | 'targetApexUm'
    | 'work'
  >;
};

const steel = (
  steelClass: Tool['steel']['steelClass'],
  hardnessLowHrc: number,
  hardnessHighHrc: number,
): Tool['steel'] => ({
  steelClass,
  hardnessLowHrc,
  hardnessHighHrc,
  carbide: steelClass === 'stainless' ? 'moderate' : 'low',
  stainless: steelClass === 'stainless' ? 'yes' : 'no',
  fileBite: null,
});
const carbon = (hrc: number): Tool['steel'] => steel('carbon', hrc - 1, hrc + 1);
const stainless = (hrc: number): Tool['steel'] => steel('stainless', hrc - 1, hrc + 1);

/** Usual measures of each kind, to be refined by measuring. */
const TYPICAL: Record<ToolKind, Typical> = {
  'scandi-knife': {
    edgeLengthMm: 95,
    bladeWidthMm: 24,
    spineThicknessMm: 3,
    reserveMm: 18,
    outline: { handleLengthMm: 110, bellyShare: 0.35, flareShare: 0 },
    steel: carbon(58),
    zone: {
      grind: 'scandi',
      contour: 'straight',
      bevelAngleDeg: 12,
      primaryAngleDeg: 0,
      shoulderThicknessMm: 3,
      microBevel: null,
    },
  },
  'convex-knife': {
    edgeLengthMm: 115,
    bladeWidthMm: 30,
    spineThicknessMm: 4,
    reserveMm: 22,
    outline: { handleLengthMm: 120, bellyShare: 0.4, flareShare: 0 },
    steel: carbon(58),
    zone: {
      grind: 'convex',
      contour: 'belly',
      bevelAngleDeg: 18,
      primaryAngleDeg: 4,
      shoulderThicknessMm: 2.4,
      microBevel: null,
    },
  },
  'flat-knife': {
    edgeLengthMm: 110,
    bladeWidthMm: 28,
    spineThicknessMm: 3,
    reserveMm: 21,
    outline: { handleLengthMm: 115, bellyShare: 0.35, flareShare: 0 },
    steel: stainless(58),
    zone: {
      grind: 'secondary-bevel',
      contour: 'belly',
      bevelAngleDeg: 20,
      primaryAngleDeg: 3,
      shoulderThicknessMm: 0.6,
      microBevel: null,
    },
  },
  'fillet-knife': {
    edgeLengthMm: 150,
    bladeWidthMm: 20,
    spineThicknessMm: 1.6,
    reserveMm: 12,
    outline: { handleLengthMm: 120, bellyShare: 0.5, flareShare: 0 },
    steel: stainless(56),
    zone: {
      grind: 'secondary-bevel',
      contour: 'belly',
      bevelAngleDeg: 15,
      primaryAngleDeg: 1.5,
      shoulderThicknessMm: 0.4,
      microBevel: null,
    },
  },
  'skinning-knife': {
    edgeLengthMm: 95,
    bladeWidthMm: 34,
    spineThicknessMm: 3,
    reserveMm: 25,
    outline: { handleLengthMm: 110, bellyShare: 0.75, flareShare: 0 },
    steel: stainless(58),
    zone: {
      grind: 'hollow',
      contour: 'belly',
      bevelAngleDeg: 17,
      primaryAngleDeg: 2,
      shoulderThicknessMm: 0.45,
      microBevel: null,
    },
  },
  parer: {
    edgeLengthMm: 80,
    bladeWidthMm: 18,
    spineThicknessMm: 1.4,
    reserveMm: 12,
    outline: { handleLengthMm: 100, bellyShare: 0.25, flareShare: 0 },
    steel: stainless(54),
    zone: {
      grind: 'secondary-bevel',
      contour: 'straight',
      bevelAngleDeg: 15,
      primaryAngleDeg: 1.5,
      shoulderThicknessMm: 0.4,
      microBevel: null,
    },
  },
  'recurve-hook': {
    edgeLengthMm: 90,
    bladeWidthMm: 26,
    spineThicknessMm: 3,
    reserveMm: 19,
    outline: { handleLengthMm: 115, bellyShare: 0.3, flareShare: 0.5 },
    steel: carbon(58),
    zone: {
      grind: 'secondary-bevel',
      contour: 'recurve',
      bevelAngleDeg: 18,
      primaryAngleDeg: 3,
      shoulderThicknessMm: 0.7,
      microBevel: null,
    },
  },
  hatchet: {
    edgeLengthMm: 85,
    bladeWidthMm: 110,
    spineThicknessMm: 22,
    reserveMm: 90,
    outline: { handleLengthMm: 320, bellyShare: 0.15, flareShare: 0.3 },
    steel: carbon(56),
    zone: {
      grind: 'convex',
      contour: 'bit',
      bevelAngleDeg: 20,
      primaryAngleDeg: 8,
      shoulderThicknessMm: 4,
      microBevel: null,
    },
  },
  'felling-axe': {
    edgeLengthMm: 110,
    bladeWidthMm: 160,
    spineThicknessMm: 28,
    reserveMm: 135,
    outline: { handleLengthMm: 680, bellyShare: 0.15, flareShare: 0.35 },
    steel: carbon(55),
    zone: {
      grind: 'convex',
      contour: 'bit',
      bevelAngleDeg: 25,
      primaryAngleDeg: 8,
      shoulderThicknessMm: 6,
      microBevel: null,
    },
  },
  tomahawk: {
    edgeLengthMm: 80,
    bladeWidthMm: 120,
    spineThicknessMm: 20,
    reserveMm: 100,
    outline: { handleLengthMm: 420, bellyShare: 0.15, flareShare: 0.5 },
    steel: carbon(54),
    zone: {
      grind: 'convex',
      contour: 'bit',
      bevelAngleDeg: 22,
      primaryAngleDeg: 7,
      shoulderThicknessMm: 4.5,
      microBevel: null,
    },
  },
  machete: {
    edgeLengthMm: 350,
    bladeWidthMm: 50,
    spineThicknessMm: 2.2,
    reserveMm: 36,
    outline: { handleLengthMm: 130, bellyShare: 0.2, flareShare: 0.15 },
    steel: carbon(52),
    zone: {
      grind: 'secondary-bevel',
      contour: 'straight',
      bevelAngleDeg: 22,
      primaryAngleDeg: 1,
      shoulderThicknessMm: 1.2,
      microBevel: null,
    },
  },
};

/** How the head of a kind of tool is usually held. */
function usualHead(kind: ToolKind): Tool['head'] {
  if (kind === 'tomahawk') return 'bolted bit';
  return kind === 'hatchet' || kind === 'felling-axe' ? 'wedged head' : 'tang';
}

/** A tool of its kind as it usually comes, with one zone over the whole edge. */
export function typicalTool(kind: ToolKind, name: string): ToolMeasures {
  const { zone, ...measures } = TYPICAL[kind];
  return {
    ...measures,
    name,
    kind,
    count: 1,
    spine: { use: 'plain', raisingsLeft: 0 },
    head: usualHead(kind),
    handle: 'wood',
    sheath: 'none',
    schools: USUAL_SCHOOLS,
    notes: '',
    zones: [
      {
        ...zone,
        id: 'edge',
        name: 'whole edge',
        startMm: 0,
        endMm: measures.edgeLengthMm,
        angleMethod: 'typical',
        measuredAt: null,
        noImpacts: false,
        hollowRadiusMm: zone.grind === 'hollow' ? 100 : null,
        faceLimitMm: null,
        facet: null,
        work: [...USUAL_WORK[kind]],
        targetApexUm: targetApexFor(USUAL_WORK[kind]),
      },
    ],
  };
}
