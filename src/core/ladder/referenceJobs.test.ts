import { NO_WISHES, findLadder, workingFace, type LadderAbrasive, type Ladder } from '.';
import { TEST_CENTRE_UM } from '../sharpness';
import type { Schools } from '../../domain/schools';
import { type DamageWay, type SharpnessTest } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { stone, strop, toolOf } from '../../testing/ladderFixtures';
import { TOOL_KINDS, type ToolKind } from '../../domain/kinds';

/** Jobs timed in the hand, each with the span (minutes, both sides) that a good estimate falls into. */

interface Job {
  kind: ToolKind;
  tool?: Partial<Tool>;
  zone?: Partial<Zone>;
  schools?: Partial<Schools>;
  at: SharpnessTest;
  chip?: { depthMm: number; places: readonly number[] };
  way?: DamageWay;
  with: readonly LadderAbrasive[];
  /** Whether the second stone is known to take 4 to 10 minutes. */
  secondStone?: boolean;
}

function plan(job: Job): Ladder {
  const typical = { ...toolOf(job.kind, job.schools), ...job.tool };
  const zone = { ...typical.zones[0]!, endMm: typical.edgeLengthMm, ...job.zone };
  const tool = { ...typical, zones: [zone] };
  const places = job.chip?.places ?? [];
  return findLadder({
    zone: workingFace(tool, zone),
    condition: {
      apexRadiusUm: TEST_CENTRE_UM[job.at],
      damageDepthMm: job.chip?.depthMm ?? 0,
      damageStretch: job.chip
        ? { startMm: Math.min(...places) - 30, endMm: Math.max(...places) + 30 }
        : null,
    },
    target: { apexRadiusUm: 0.3 },
    abrasives: job.with,
    damageWay: job.way,
    ownLadder: {
      leftOut: [],
      required: [],
      startsWith: null,
      sequence: job.with.map(({ id }) => id),
    },
  });
}

const steelOf = (hrc: number, stainless = false): Tool['steel'] => ({
  steelClass: stainless ? 'stainless' : 'carbon',
  hardnessLowHrc: hrc,
  hardnessHighHrc: hrc,
  carbide: 'low',
  stainless: stainless ? 'yes' : 'no',
  fileBite: null,
});
const file = stone(100, { family: 'file', form: 'file', lengthMm: 200, lubricant: 'dry' });
const pocket = (sizeUm: number) => stone(sizeUm, { form: 'pocket-stone', lengthMm: 85 });
const bench = (sizeUm: number) =>
  stone(sizeUm, { family: 'water-stone', form: 'bench-stone', lengthMm: 200 });
const paper = (sizeUm: number) =>
  stone(sizeUm, { family: 'sic', form: 'paper', lengthMm: 110, lubricant: 'dry' });
const pebble = stone(10, { family: 'novaculite', form: 'pebble', lengthMm: 70 });
const ceramicSide = stone(6, { family: 'ceramic', form: 'pocket-stone', lengthMm: 85 });
const combination = stone(40, { family: 'sic', form: 'bench-stone', lengthMm: 200 });
const rod = stone(30, { form: 'rod', lengthMm: 100 });
const hatchet = { edgeLengthMm: 85 };
/** A bit whose arc has a radius of 40 mm, of 36 on the felling axe. */
const hatchetBit = { bevelAngleDeg: 20, primaryAngleDeg: 8, shoulderThicknessMm: 4.05 };
const fellingBit = { bevelAngleDeg: 25, primaryAngleDeg: 8, shoulderThicknessMm: 6.05 };

const JOBS: readonly (readonly [name: string, job: Job, low: number, high: number])[] = [
  [
    'hatchet, tears paper, on a pebble',
    { kind: 'hatchet', tool: hatchet, zone: hatchetBit, at: 'tears-paper', with: [pebble] },
    1.5,
    4,
  ],
  [
    'felling axe, tears paper, pocket diamond and its ceramic side',
    { kind: 'felling-axe', zone: fellingBit, at: 'tears-paper', with: [pocket(25), ceramicSide] },
    1.5,
    4,
  ],
  [
    'felling axe, 0.25 mm chip, filed as a band',
    {
      kind: 'felling-axe',
      zone: fellingBit,
      at: 'slices-paper',
      chip: { depthMm: 0.25, places: [60] },
      way: 'narrow band',
      with: [file],
    },
    1,
    3,
  ],
  [
    'tomahawk, 0.5 mm chips, filed as a band',
    {
      kind: 'tomahawk',
      at: 'tears-paper',
      chip: { depthMm: 0.5, places: [30, 50] },
      way: 'narrow band',
      with: [file],
    },
    2,
    4,
  ],
  [
    'hatchet, 0.1 mm chip, band on a plate',
    {
      kind: 'hatchet',
      tool: hatchet,
      zone: hatchetBit,
      at: 'slices-paper',
      chip: { depthMm: 0.1, places: [40] },
      way: 'narrow band',
      with: [stone(25)],
    },
    3,
    8,
  ],
  [
    'machete, one 0.3 mm chip, filed',
    {
      kind: 'machete',
      at: 'tears-paper',
      chip: { depthMm: 0.3, places: [250] },
      way: 'narrow band',
      with: [file],
    },
    1,
    4,
  ],
  [
    'machete, blunt all along, on a diamond rod',
    { kind: 'machete', at: 'blunt', with: [rod] },
    3,
    9,
  ],
  [
    'convex knife, slices paper, pocket diamond',
    { kind: 'convex-knife', at: 'slices-paper', with: [pocket(25)] },
    0.7,
    2,
  ],
  [
    'scandi with a micro-bevel, tears paper, pocket diamond',
    {
      kind: 'scandi-knife',
      zone: { microBevel: { angleDeg: 18, faceWidthMm: 0.3 } },
      at: 'tears-paper',
      with: [pocket(25)],
    },
    0.7,
    2.5,
  ],
  [
    'scandi, blunt, full flat bevel on the bench',
    {
      kind: 'scandi-knife',
      tool: { edgeLengthMm: 109 },
      zone: { bevelAngleDeg: 11 },
      at: 'blunt',
      with: [46, 12, 6, 4].map(bench),
      secondStone: true,
    },
    14,
    32,
  ],
  [
    'scandi, 0.15 mm chip, band',
    {
      kind: 'scandi-knife',
      at: 'slices-paper',
      chip: { depthMm: 0.15, places: [40] },
      way: 'narrow band',
      with: [stone(60, { form: 'bench-stone', lengthMm: 150 })],
    },
    1.5,
    5,
  ],
  [
    'scandi, 0.15 mm chip, whole face',
    {
      kind: 'scandi-knife',
      at: 'slices-paper',
      chip: { depthMm: 0.15, places: [40] },
      way: 'whole face',
      with: [stone(60, { form: 'bench-stone', lengthMm: 150 })],
    },
    25,
    60,
  ],
  [
    'small knife, blunt, three diamonds in the hand',
    {
      kind: 'parer',
      at: 'blunt',
      tool: { steel: steelOf(58, true) },
      with: [67, 46, 25].map(pocket),
    },
    10,
    30,
  ],
  [
    'small knife, slides on a nail, the same',
    {
      kind: 'parer',
      at: 'slides-on-nail',
      tool: { steel: steelOf(58, true) },
      with: [67, 46, 25].map(pocket),
    },
    5,
    15,
  ],
  [
    'thin knife, slides on a nail, paper and finer papers',
    {
      kind: 'fillet-knife',
      tool: { edgeLengthMm: 130 },
      at: 'slides-on-nail',
      with: [35, 21.8, 15.3, 10.3, 8.4].map(paper),
    },
    5,
    13,
  ],
  [
    'soft stainless knife, blunt, one stone and a strop',
    {
      kind: 'parer',
      tool: { edgeLengthMm: 85, steel: steelOf(54, true) },
      at: 'blunt',
      with: [combination, strop(1)],
    },
    2.5,
    6,
  ],
  [
    'soft stainless knife, slides on a nail, the same',
    {
      kind: 'parer',
      tool: { edgeLengthMm: 85, steel: steelOf(54, true) },
      at: 'slides-on-nail',
      with: [combination, strop(1)],
    },
    1.5,
    3.5,
  ],
];

it.each(JOBS)('%s', (_, job, low, high) => {
  const { minutes, steps } = plan(job);
  expect(steps).toHaveLength(job.with.length);
  const second = job.secondStone && steps[1]!.minutes;
  if (second) {
    expect(second).toBeGreaterThanOrEqual(4);
    expect(second).toBeLessThanOrEqual(10);
  }
  expect(minutes).toBeGreaterThanOrEqual(low);
  expect(minutes).toBeLessThanOrEqual(high);
});

const kitchen = toolOf('parer');
const edge = workingFace(kitchen, kitchen.zones[0]!);

it('any knife after its last stone takes 5 to 13 strokes a side on a strop that hardly yields', () => {
  for (const kind of TOOL_KINDS.filter((each) => /knife|parer/.test(each))) {
    for (const sizeUm of [9, 25, 40, 60]) {
      for (const backing of ['hard', 'leather-on-wood'] as const) {
        const tool = toolOf(kind);
        const { steps } = findLadder({
          zone: workingFace(tool, tool.zones[0]!),
          condition: { apexRadiusUm: 6, damageDepthMm: 0 },
          target: { apexRadiusUm: 0.5 },
          abrasives: [stone(sizeUm), strop(1, { backing })],
          ownLadder: { ...NO_WISHES, sequence: [`stone-${sizeUm}`, 'strop-1'] },
        });
        expect(steps[1]!.strokesPerSide).toBeGreaterThanOrEqual(5);
        expect(steps[1]!.strokesPerSide).toBeLessThanOrEqual(13);
      }
    }
  }
});

it('a tired knife on the strop alone takes 4 to 20 strokes a side', () => {
  for (const keenRadiusUm of [0.3, 0.5, 0.8]) {
    for (const apexRadiusUm of [1.4, 1.8, 2]) {
      const { steps } = findLadder({
        zone: edge,
        condition: { apexRadiusUm, damageDepthMm: 0, keenRadiusUm },
        target: { apexRadiusUm: 1 },
        abrasives: [strop(1)],
      });
      expect(steps).toHaveLength(1);
      expect(steps[0]!.strokesPerSide).toBeGreaterThanOrEqual(4);
      expect(steps[0]!.strokesPerSide).toBeLessThanOrEqual(20);
    }
  }
});
