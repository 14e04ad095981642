import type { Session } from '../../domain/session';
import type { StepTask } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import {
  describeStep,
  stoneRung,
  workingFace,
  type LadderAbrasive,
  type LadderPlan,
  type LadderStep,
  type LadderStone,
  type LadderStrop,
  type AbrasiveWork,
  type WorkingFace,
} from '../ladder';
import { FILE_LIMIT_HRC, scratchShiftMm, specificWearRate, type Pace } from '../wear';
import { countedStep } from './countedStep';

/** Ways of working a spine, lightest first for each kind. */
export const SPINE_WORKS = {
  plain: [],
  'square scraper': ['strop it', 'stone it'],
  'burnished hook': ['raise the hook', 'file it anew'],
} as const;
export type SpineWork = (typeof SPINE_WORKS)[keyof typeof SPINE_WORKS][number];

/** Raisings that a hook gives after each filing before it has to be filed and stoned anew. */
export const RAISINGS_PER_FILING = 2;
/** The stretch of spine that is kept as a scraper (mm, prior). */
const STRETCH_MM = 60;
/** Depth to file away until an old hook and its hardened skin are gone (mm, prior). */
const OLD_HOOK_MM = 0.15;
/** How far a square corner has rounded when it wants a stone (mm, prior). */
const ROUNDED_MM = 0.03;
/** Strokes that are counted, not computed: gentle pushes a side, strokes of each flat (prior). */
const PUSHES = 2;
const STROP_STROKES = 5;
const PUSH_FORCE_N = 12;
/** A spine has no apex radius; the finest that records hold stands for it. */
const NO_APEX_UM = 0.05;

/** How often a hook can still be raised, by its log; by the tool's own count before the first filing. */
export function raisingsLeft(tool: Tool, sessions: readonly Session[]): number {
  const done = sessions
    .filter(({ job, toolId, finishedAt }) => job === 'spine' && toolId === tool.id && finishedAt)
    .sort((a, b) => (a.finishedAt! < b.finishedAt! ? -1 : 1));
  const lastFiling = done.findLastIndex((s) => has(s, 'file the spine square'));
  const raised = done.slice(lastFiling + 1).filter((s) => has(s, 'raise the hook')).length;
  const from = lastFiling < 0 ? tool.spine.raisingsLeft : RAISINGS_PER_FILING;
  return Math.max(0, from - raised);
}

function has({ steps }: Session, task: StepTask): boolean {
  return steps.some((step) => step.task === task);
}

/** The lightest work on a spine that will do now: a spent hook is filed anew; null for a plain spine. */
export function spineWorkDue(tool: Tool, sessions: readonly Session[]): SpineWork | null {
  if (tool.spine.use === 'burnished hook') {
    return raisingsLeft(tool, sessions) > 0 ? 'raise the hook' : 'file it anew';
  }
  return tool.spine.use === 'square scraper' ? 'strop it' : null;
}

/**
 * Work on a spine as a plan for the guide. Filing takes T·L·0.15 mm³ off the spine, stoning the
 * scratches of what came before; burnishing and stropping are counted. `leftOut` says what is not
 * at hand.
 */
export function planSpine(input: {
  tool: Tool;
  work: SpineWork;
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}): LadderPlan {
  const bench = spineBench(input);
  const { file, stone, strop } = bench;
  const steps: (LadderStep | null)[] = {
    'strop it': [stropStep(bench)],
    'stone it': [stone && bench.grind(stone, 'stone the spine', ROUNDED_MM), stropStep(bench)],
    'raise the hook': [raiseStep(bench)],
    'file it anew': [
      file && bench.grind(file, 'file the spine square', OLD_HOOK_MM),
      file && stone && bench.grind(stone, 'stone the spine', scratchShiftMm(file)),
      raiseStep(bench),
    ],
  }[input.work];

  const planned = steps.filter((step) => step !== null);
  const whole = planned.length === steps.length;
  const lacking = [
    ...(file || input.work !== 'file it anew' ? [] : ['a file that bites this steel']),
    ...(bench.burnisher ? [] : ['a file with a smooth edge, or a smooth steel']),
    ...(stone ? [] : ['a stone held in the hand']),
    ...(strop ? [] : ['a firm strop']),
  ];
  return {
    outcome: whole ? 'planned' : 'out of reach',
    steps: whole ? planned : [],
    minutes: whole ? planned.reduce((sum, { minutes }) => sum + minutes, 0) : 0,
    apexRadiusUm: 0,
    missingStone: null,
    leftOut: whole
      ? []
      : lacking.map((name) => ({ id: name, name, reason: 'needed, and not at hand' })),
  };
}

/** What serves on a spine, and how a stone works along it. */
function spineBench({ tool, abrasives, pace }: Parameters<typeof planSpine>[0]) {
  const stones = abrasives.filter((abrasive): abrasive is LadderStone => abrasive.kind === 'stone');
  const face = spineFace(tool);
  const grind = (stone: LadderStone, task: StepTask, depthMm: number): LadderStep | null => {
    // One face, not two: half of its strokes are done from each end, which keeps it square.
    const volumeMm3 = tool.spineThicknessMm * face.edgeLengthMm * depthMm;
    const removal = { task, volumeMm3, contactWidthMm: tool.spineThicknessMm };
    const rung = stoneRung(face, stone, removal, pace);
    return rung && step(face, stone, rung);
  };
  const bites = (stone: LadderStone): boolean =>
    specificWearRate({ ...face, abrasive: stone.family, sizeUm: stone.sizeUm }) > 0;
  return {
    face,
    pace,
    grind,
    file: stones.find(({ form }) => form === 'file' && face.hardnessHrc <= FILE_LIMIT_HRC) ?? null,
    stone: nearest(
      stones.filter(
        (stone) =>
          stone.form !== 'file' && stone.form !== 'paper' && bites(stone) && stone.lubricant,
      ),
    ),
    burnisher:
      stones.find(({ family }) => family === 'smooth-steel') ??
      stones.find(({ form }) => form === 'file') ??
      null,
    strop:
      abrasives
        .filter((abrasive): abrasive is LadderStrop => abrasive.kind === 'strop')
        .sort((a, b) => FIRMNESS.indexOf(a.backing) - FIRMNESS.indexOf(b.backing))[0] ?? null,
  };
}
type Bench = ReturnType<typeof spineBench>;

const FIRMNESS: readonly LadderStrop['backing'][] = ['hard', 'leather-on-wood', 'soft', 'slack'];
/** The size (µm) that leaves a spine crisp and square. */
const SPINE_STONE_UM = 25;

function nearest(stones: readonly LadderStone[]): LadderStone | null {
  const distance = ({ sizeUm }: LadderStone): number => Math.abs(Math.log(sizeUm / SPINE_STONE_UM));
  return [...stones].sort((a, b) => distance(a) - distance(b))[0] ?? null;
}

function spineFace(tool: Tool): WorkingFace {
  return {
    ...workingFace(tool, tool.zones[0]!),
    toolForm: 'machete',
    edgeLengthMm: Math.min(STRETCH_MM, tool.edgeLengthMm),
    angleDeg: 90,
    faceWidthMm: tool.spineThicknessMm,
    behindAngleDeg: 0,
    arcRadiusMm: null,
  };
}

function raiseStep(bench: Bench): LadderStep | null {
  return bench.burnisher && counted(bench, bench.burnisher, 'raise the hook', PUSHES, PUSH_FORCE_N);
}

function stropStep(bench: Bench): LadderStep | null {
  const { stropForceN } = bench.face.practice;
  return bench.strop && counted(bench, bench.strop, 'strop the spine', STROP_STROKES, stropForceN);
}

function counted(
  { face, pace }: Bench,
  abrasive: LadderAbrasive,
  task: StepTask,
  strokesPerSide: number,
  forceN: number,
): LadderStep {
  const strokeLengthMm = Math.min(0.9 * abrasive.lengthMm, face.edgeLengthMm);
  const apexRadiusUm = NO_APEX_UM;
  return countedStep({
    face,
    abrasive,
    task,
    strokesPerSide,
    strokeLengthMm,
    forceN,
    apexRadiusUm,
    pace,
  });
}

function step(face: WorkingFace, abrasive: LadderAbrasive, rung: AbrasiveWork): LadderStep {
  const withApex = { ...rung, apexRadiusUm: NO_APEX_UM };
  return describeStep({ face, abrasive, rung: withApex, jumpRatio: null, missingStone: null });
}
