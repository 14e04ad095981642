import {
  arcsFrom,
  comparePaths,
  reaches,
  shortestLadder,
  workedParts,
  workingFace,
  type LadderAbrasive,
  type LadderPath,
  type LadderProblem,
  type LadderState,
} from '../src/core/ladder';
import { UNTAUGHT_HAND } from '../src/core/evidence';
import { DEFAULT_PACE } from '../src/core/wear';
import { typicalTool } from '../src/domain/typicalTools';
import { millisecondsEach } from './millisecondsEach';

/** Speed as a ratio against a named baseline, both measured in this run. */

const record = { id: 'bench', createdAt: '', updatedAt: '', deletedAt: null };
const tool = { ...record, ...typicalTool('flat-knife', 'bench') };

/** 26 stones from 200 to 2 µm and 4 strops. */
const abrasives: LadderAbrasive[] = [
  ...Array.from({ length: 26 }, (_, i): LadderAbrasive => ({
    kind: 'stone',
    id: `stone-${i}`,
    name: `stone ${i}`,
    family: i % 3 === 0 ? 'diamond' : i % 3 === 1 ? 'alumina' : 'sic',
    form: 'plate',
    sizeUm: 200 * 0.01 ** (i / 25),
    lengthMm: 90,
    widthMm: 50,
    dishMm: 0,
    state: 'normal',
    lubricant: 'water',
    soakMl: 0,
    held: null,
  })),
  ...[3, 1.5, 1, 0.5].map((sizeUm): LadderAbrasive => ({
    kind: 'strop',
    id: `strop-${sizeUm}`,
    name: `strop ${sizeUm} µm`,
    form: 'paddle',
    surface: 'leather',
    backing: 'leather-on-wood',
    sizeUm,
    lengthMm: 200,
    sagMm: 0,
    loaded: true,
  })),
];

const face = workingFace(tool, tool.zones[0]!);
const condition = { apexRadiusUm: 9, damageDepthMm: 0.1 };

const problem: LadderProblem = {
  face,
  condition,
  parts: workedParts(face, condition, 'narrow band'),
  goal: { apexUm: 0.4, finishUm: 6, strop: false },
  abrasives,
  required: [],
  stoneOwned: true,
  bySchool: true,
  hand: { pace: DEFAULT_PACE, learned: UNTAUGHT_HAND },
};

/** The baseline: walks every ladder of at most `depth` steps, one by one, and keeps the best. */
function exhaustiveSearch(depth: number, state: LadderState | null = null): LadderPath | null {
  if (state && reaches(problem, state)) return { minutes: 0, arcs: [] };
  if (depth === 0) return null;
  let best: LadderPath | null = null;
  for (const arc of arcsFrom(problem, state)) {
    const rest = exhaustiveSearch(depth - 1, arc.to);
    if (!rest) continue;
    const path = { minutes: rest.minutes + arc.work.minutes, arcs: [arc, ...rest.arcs] };
    if (!best || comparePaths(path, best) < 0) best = path;
  }
  return best;
}

const DEPTH = 5;
const found = shortestLadder(problem)!;
const checked = exhaustiveSearch(DEPTH)!;
if (comparePaths(found, checked) !== 0) throw new Error('the two searches disagree');

const solverMs = millisecondsEach(() => shortestLadder(problem), 500);
const baselineMs = millisecondsEach(() => exhaustiveSearch(DEPTH), 1);
console.log(`Ladders over ${abrasives.length} abrasives, best of ${found.arcs.length} steps`);
console.log(`  shortest path                         ${(1000 / solverMs).toFixed(0)} a second`);
console.log(
  `  exhaustive search, up to ${DEPTH} steps      ${(1000 / baselineMs).toFixed(2)} a second`,
);
console.log(`  ratio                                 ${(baselineMs / solverMs).toFixed(0)} times`);
