import type { Abrasive, Compound, Lubricant, ShelfGrade, Strop } from '../src/domain/shelf';
import type { Tool } from '../src/domain/tool';
import { targetApexFor } from '../src/domain/tasks';
import { typicalTool } from '../src/domain/typicalTools';

/** The Tarrow Ness path crew: its tools and what it sharpens them with. All invented. */

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
    spine: { use: 'square scraper', raisingsLeft: 0 },
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
    spine: { use: 'burnished hook', raisingsLeft: 2 },
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

const grade = (change: Partial<ShelfGrade> & Pick<ShelfGrade, 'scale'>): ShelfGrade => ({
  number: null,
  named: null,
  finestUm: null,
  coarsestUm: null,
  ...change,
});
const numbered = (scale: 'fepa-p' | 'fepa-f' | 'jis' | 'micron', number: number) =>
  grade({ scale, number });
const face = (
  id: string,
  name: string,
  family: Abrasive['faces'][number]['family'],
  size: ShelfGrade,
  state: Abrasive['faces'][number]['state'] = 'normal',
): Abrasive['faces'][number] => ({ id, name, family, grade: size, state });
const carried = (place: Abrasive['place'], massG: number, carriedAnyway = false) => ({
  place,
  massG,
  carriedAnyway,
});

export const abrasives: Abrasive[] = [
  {
    ...record('mill-file'),
    ...carried('base-camp', 230),
    name: 'mill file',
    form: 'file',
    lengthMm: 200,
    widthMm: 22,
    lubricants: ['dry'],
    dishMm: 0,
    faces: [face('cut', 'bastard', 'file', grade({ scale: 'natural', named: 'bastard-file' }))],
    notes: '',
  },
  {
    ...record('pocket-plate'),
    ...carried('pouch', 62),
    name: 'pocket plate',
    form: 'plate',
    lengthMm: 85,
    widthMm: 54,
    lubricants: ['water', 'dry'],
    dishMm: 0,
    faces: [
      face('coarse', 'coarse', 'diamond', numbered('micron', 45)),
      face('medium', 'medium', 'diamond', numbered('micron', 25)),
    ],
    notes: '',
  },
  {
    ...record('fine-plate'),
    ...carried('pouch', 48),
    name: 'fine plate',
    form: 'plate',
    lengthMm: 85,
    widthMm: 54,
    lubricants: ['water', 'dry'],
    dishMm: 0,
    faces: [face('fine', 'fine', 'diamond', numbered('micron', 9))],
    notes: '',
  },
  {
    ...record('puck'),
    ...carried('pack', 265),
    name: 'puck',
    form: 'puck',
    lengthMm: 75,
    widthMm: 75,
    lubricants: ['water', 'oil'],
    dishMm: 0.2,
    faces: [
      face('coarse', 'coarse', 'sic', numbered('fepa-f', 120)),
      face('fine', 'fine', 'sic', numbered('fepa-f', 280)),
    ],
    notes: 'Used with water only.',
  },
  {
    ...record('water-stone'),
    ...carried('workshop', 680),
    name: 'bench water stone',
    form: 'bench-stone',
    lengthMm: 200,
    widthMm: 66,
    lubricants: ['water'],
    dishMm: 0.4,
    faces: [
      face('1000', '1000 side', 'water-stone', numbered('jis', 1000)),
      face('6000', '6000 side', 'water-stone', numbered('jis', 6000)),
    ],
    notes: 'Flattened in May; hollow again by autumn.',
  },
  {
    ...record('novaculite'),
    ...carried('pack', 74),
    name: 'hard pocket stone',
    form: 'pocket-stone',
    lengthMm: 78,
    widthMm: 30,
    lubricants: ['oil', 'fat'],
    dishMm: 0,
    faces: [
      face('one', 'face', 'novaculite', grade({ scale: 'natural', named: 'hard-novaculite' })),
    ],
    notes: '',
  },
  {
    ...record('paper-400'),
    ...carried('pouch', 6),
    name: 'paper strips P400',
    form: 'paper',
    lengthMm: 110,
    widthMm: 38,
    lubricants: ['dry', 'water'],
    dishMm: 0,
    faces: [face('grit', 'grit', 'sic', numbered('fepa-p', 400), 'fresh')],
    notes: 'Three strips left.',
  },
  {
    ...record('paper-1500'),
    ...carried('pouch', 6),
    name: 'paper strips P1500',
    form: 'paper',
    lengthMm: 110,
    widthMm: 38,
    lubricants: ['dry', 'water'],
    dishMm: 0,
    faces: [face('grit', 'grit', 'sic', numbered('fepa-p', 1500))],
    notes: '',
  },
  {
    ...record('diamond-rod'),
    ...carried('pack', 41),
    name: 'diamond rod',
    form: 'rod',
    lengthMm: 100,
    widthMm: 6,
    lubricants: ['dry', 'water'],
    dishMm: 0,
    faces: [face('rod', 'rod', 'diamond', numbered('micron', 30))],
    notes: '',
  },
  {
    ...record('ceramic-rod'),
    ...carried('pack', 52),
    name: 'ceramic rod',
    form: 'rod',
    lengthMm: 120,
    widthMm: 8,
    lubricants: ['dry'],
    dishMm: 0,
    faces: [face('rod', 'rod', 'ceramic', numbered('micron', 4), 'loaded')],
    notes: 'Grey with steel: scrub it.',
  },
  {
    ...record('old-stone'),
    ...carried('workshop', 130),
    name: 'old oil stone',
    form: 'pocket-stone',
    lengthMm: 105,
    widthMm: 40,
    lubricants: ['oil'],
    dishMm: 0.5,
    faces: [
      face('one', 'face', 'alumina', grade({ scale: 'range', finestUm: 18, coarsestUm: 32 })),
    ],
    notes: 'Found in a drawer, no marking.',
  },
  {
    ...record('pebble'),
    ...carried('base-camp', 120),
    name: 'beach pebble',
    form: 'pebble',
    lengthMm: 70,
    widthMm: 45,
    lubricants: ['water'],
    dishMm: 0,
    faces: [
      face('flat', 'flat side', 'novaculite', grade({ scale: 'natural', named: 'beach-pebble' })),
    ],
    notes: '',
  },
];

export const compounds: Compound[] = [
  {
    ...record('crayon-1'),
    ...carried('pouch', 16),
    name: '1 µm crayon',
    sizeUm: 1,
    notes: '',
  },
  {
    ...record('crayon-3'),
    ...carried('workshop', 22),
    name: '3 µm crayon',
    sizeUm: 3,
    notes: '',
  },
];

export const strops: Strop[] = [
  {
    ...record('belt'),
    ...carried('pouch', 190, true),
    name: 'trouser belt',
    surface: 'leather',
    backing: 'soft',
    lengthMm: 700,
    compoundId: 'crayon-1',
    notes: 'Rough side, laid on a split log.',
  },
  {
    ...record('paddle'),
    ...carried('workshop', 140),
    name: 'paddle strop',
    surface: 'leather',
    backing: 'leather-on-wood',
    lengthMm: 220,
    compoundId: 'crayon-1',
    notes: '',
  },
  {
    ...record('denim'),
    ...carried('pack', 24),
    name: 'denim on a board',
    surface: 'cloth',
    backing: 'hard',
    lengthMm: 180,
    compoundId: 'crayon-3',
    notes: '',
  },
];

export const lubricants: Lubricant[] = [
  {
    ...record('water'),
    ...carried('pouch', 0, true),
    name: 'a splash of water',
    kind: 'water',
    notes: '',
  },
  {
    ...record('fat'),
    ...carried('base-camp', 0, true),
    name: 'cooking fat',
    kind: 'fat',
    notes: 'From the cook box, in its own tin.',
  },
  {
    ...record('oil'),
    ...carried('workshop', 55),
    name: 'honing oil',
    kind: 'oil',
    notes: '',
  },
];
