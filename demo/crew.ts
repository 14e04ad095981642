import type { Tool } from '../src/domain/tool';
import { targetApexFor } from '../src/domain/tasks';
import { typicalTool } from '../src/domain/typicalTools';

/** The Tarrow Ness path crew's tools. All invented. */

const since = '2025-04-12T09:00:00.000Z';
const record = (id: string) => ({ id, createdAt: since, updatedAt: since, deletedAt: null });

/** The spring look-over, when most edges were measured. */
const measuredAt = '2026-04-25T10:00:00.000Z';

const wren = typicalTool('scandi-knife', 'Wren');
const plover = typicalTool('convex-knife', 'Plover');
const hob = typicalTool('felling-axe', 'Old Hob');
const bracken = typicalTool('machete', 'Bracken');
const knap = typicalTool('hatchet', 'Knap');
const tern = typicalTool('fillet-knife', 'Tern');
const sprig = typicalTool('parer', 'Sprig');
const crook = typicalTool('recurve-hook', 'Crook');
const heron = typicalTool('skinning-knife', 'Heron');

export const tools: Tool[] = [
  {
    ...record('wren'),
    ...wren,
    spine: { use: 'square scraper', raisingsLeft: 0, startMm: 15, endMm: 75 },
    sheath: 'leather',
    notes: 'Carves the waymark pegs. Birch handle, oiled in spring.',
    zones: [
      {
        ...wren.zones[0]!,
        bevelAngleDeg: 12,
        microBevel: { angleDeg: 15, faceWidthMm: 0.3 },
        angleMethod: 'face-width',
        measuredAt: '2026-01-17T16:00:00.000Z',
      },
    ],
  },
  {
    ...record('plover'),
    ...plover,
    notes: 'Camp and food. Stropped far more often than stoned.',
    zones: [{ ...plover.zones[0]!, angleMethod: 'spine-lift', measuredAt }],
  },
  {
    ...record('old-hob'),
    ...hob,
    notes: 'Hews posts and water bars. Last deep factory marks at the heel left on purpose.',
    zones: [{ ...hob.zones[0]!, name: 'bit', angleMethod: 'stated', measuredAt }],
  },
  {
    ...record('bracken'),
    ...bracken,
    spine: { use: 'burnished hook', raisingsLeft: 2, startMm: 40, endMm: 100 },
    sheath: 'leather',
    notes: 'Gorse and bramble. Keep the fine stretch by the handle away from stones.',
    zones: [
      {
        ...bracken.zones[0]!,
        id: 'fine',
        name: 'fine stretch',
        startMm: 0,
        endMm: 110,
        bevelAngleDeg: 20,
        work: [],
        targetApexUm: 2,
        noImpacts: true,
        angleMethod: 'bevel-height',
        measuredAt,
      },
      {
        ...bracken.zones[0]!,
        id: 'chop',
        name: 'chopping stretch',
        startMm: 110,
        endMm: 350,
        contour: 'belly',
        microBevel: { angleDeg: 25, faceWidthMm: 0.5 },
        angleMethod: 'bevel-height',
        measuredAt,
      },
    ],
  },
  {
    ...record('knap'),
    ...knap,
    notes: 'Carving hatchet for stakes. Haft cracked at the eye: waits for a new one.',
    zones: [
      {
        ...knap.zones[0]!,
        name: 'bit',
        bevelAngleDeg: 18,
        work: ['carve'],
        targetApexUm: targetApexFor(['carve']),
      },
    ],
  },
  {
    ...record('tern'),
    ...tern,
    notes: 'One fish supper a trip.',
    zones: [{ ...tern.zones[0]!, angleMethod: 'bevel-height', measuredAt }],
  },
  {
    ...record('sprig'),
    ...sprig,
    count: 2,
    steel: {
      ...sprig.steel,
      steelClass: 'unknown',
      hardnessLowHrc: 50,
      hardnessHighHrc: 60,
      carbide: 'unknown',
      fileBite: 'bites',
    },
    handle: 'other',
    notes: 'A pair. Swap as each dulls, do both in the evening.',
  },
  {
    ...record('crook'),
    ...crook,
    notes: 'Touched up for years at one angle: the bevel has grown wide.',
    zones: [{ ...crook.zones[0]!, shoulderThicknessMm: 0.9, faceLimitMm: 1.2 }],
  },
  {
    ...record('heron'),
    ...heron,
    notes: 'Lent out, came back with its tip broken off by prying.',
  },
];
