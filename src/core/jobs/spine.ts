import { compareAsc } from 'date-fns';
import { FAMILIES } from '../../domain/families';
import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { StepTask } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import {
  workingFace,
  type Hand,
  type LadderAbrasive,
  type LadderStep,
  type LadderStone,
  type LadderStrop,
  type WorkingFace,
} from '../ladder';
import { FILE_LIMIT_HRC, specificWearRate } from '../wear';
import { countedStep } from './countedStep';
import { NO_PLAN, planOfSteps, type JobPlan } from './jobPlan';
import { PRIORS } from '../priors';

/** Ways of working a spine, lightest first for each kind. */
export const SPINE_WORKS = {
  plain: [],
  'square scraper': ['strop it', 'stone it'],
  'burnished hook': ['raise the hook', 'file it anew'],
} as const;
export type SpineWork = (typeof SPINE_WORKS)[keyof typeof SPINE_WORKS][number];

/** Raisings that a hook gives after each filing before it has to be filed and stoned anew. */
export const RAISINGS_PER_FILING = 2;
/** Strokes that are counted, not computed: on file and stone half from each end (prior). */
const FILE_STROKES = 4;
const STONE_STROKES = 10;
const PUSHES = 2;
const STROP_STROKES = 5;
const FILE_FORCE_N = 28;
const STONE_FORCE_N = 8;
const PUSH_FORCE_N = 12;
/** A spine has no apex radius; the finest that records hold stands for it. */
const NO_APEX_UM = 0.05;

/** How often a hook can still be raised, by its log; by the tool's own count before the first filing. */
export function raisingsLeft(tool: Tool, sessions: readonly LoggedSession[]): number {
  const done = sessions
    .filter(({ job, toolId, finishedAt }) => job === 'spine' && toolId === tool.id && finishedAt)
    .sort((a, b) => compareAsc(a.finishedAt!, b.finishedAt!));
  const lastFiling = done.findLastIndex((s) => has(s, 'file the spine square'));
  const raised = done.slice(lastFiling + 1).filter((s) => has(s, 'raise the hook')).length;
  const from = lastFiling < 0 ? tool.spine.raisingsLeft : RAISINGS_PER_FILING;
  return Math.max(0, from - raised);
}

function has({ steps }: LoggedSession, task: StepTask): boolean {
  return steps.some((step) => step.task === task && isWorked(step));
}

/** The lightest work on a spine that will do now: a spent hook is filed anew; null for a plain spine. */
export function spineWorkDue(tool: Tool, sessions: readonly LoggedSession[]): SpineWork | null {
  if (tool.spine.use === 'burnished hook') {
    return raisingsLeft(tool, sessions) > 0 ? 'raise the hook' : 'file it anew';
  }
  return tool.spine.use === 'square scraper' ? 'strop it' : null;
}

/** Work on a spine as a plan for the guide: usual counts. `leftOut` says what is not at hand. */
export function planSpine(input: {
  tool: Tool;
  work: SpineWork;
  abrasives: readonly LadderAbrasive[];
  hand: Hand;
}): JobPlan {
  const bench = spineBench(input);
  const { file, stone, strop, burnisher } = bench;
  const filed = file && counted(bench, file, 'file the spine square', FILE_STROKES, FILE_FORCE_N);
  const stoned = stone && counted(bench, stone, 'stone the spine', STONE_STROKES, STONE_FORCE_N);
  const steps: (LadderStep | null)[] = {
    'strop it': [stropStep(bench)],
    'stone it': [stoned, stropStep(bench)],
    'raise the hook': [raiseStep(bench)],
    'file it anew': [filed, stoned, raiseStep(bench)],
  }[input.work];

  const planned = steps.filter((step) => step !== null);
  if (planned.length === steps.length) return planOfSteps(planned, 0);
  const lacking = [
    ...(file || input.work !== 'file it anew' ? [] : ['a file that bites this steel']),
    ...(burnisher ? [] : ['a file with a smooth edge, or a smooth steel']),
    ...(stone ? [] : ['a stone held in the hand']),
    ...(strop ? [] : ['a firm strop']),
  ];
  return {
    ...NO_PLAN,
    outcome: 'out of reach',
    leftOut: lacking.map((name) => ({
      id: name,
      name,
      reason: { kind: 'needed and not at hand' },
    })),
  };
}

/** What serves on a spine, and the stretch that is worked. */
function spineBench({ tool, abrasives, hand }: Parameters<typeof planSpine>[0]) {
  const stones = abrasives.filter((abrasive): abrasive is LadderStone => abrasive.kind === 'stone');
  const face = spineFace(tool);
  const bites = (stone: LadderStone): boolean =>
    specificWearRate({ ...face, abrasive: stone.family, sizeUm: stone.sizeUm }) > 0;
  return {
    face,
    hand,
    file: stones.find(({ form }) => form === 'file' && face.hardnessHrc <= FILE_LIMIT_HRC) ?? null,
    stone: nearest(
      stones.filter(
        (stone) =>
          stone.form !== 'file' && stone.form !== 'paper' && bites(stone) && stone.lubricant,
      ),
    ),
    burnisher:
      stones.find(({ family }) => FAMILIES[family].does === 'straightens') ??
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
    ...stretchOf(tool),
    angleDeg: 90,
    faceWidthMm: tool.spineThicknessMm,
    behindAngleDeg: 0,
    arcRadiusMm: null,
    facet: null,
  };
}

/** The stretch of spine that is worked: as the person says, or a usual one from the heel (mm). */
export function spineStretch({ spine, edgeLengthMm }: Tool): { startMm: number; endMm: number } {
  const startMm = spine.startMm ?? 0;
  const usualMm = Math.min(
    startMm + PRIORS.spineStretchMm.value,
    Math.max(edgeLengthMm, startMm + 1),
  );
  return { startMm, endMm: spine.endMm ?? usualMm };
}

function stretchOf(tool: Tool): Pick<WorkingFace, 'startMm' | 'edgeLengthMm'> {
  const { startMm, endMm } = spineStretch(tool);
  return { startMm, edgeLengthMm: endMm - startMm };
}

function raiseStep(bench: Bench): LadderStep | null {
  return bench.burnisher && counted(bench, bench.burnisher, 'raise the hook', PUSHES, PUSH_FORCE_N);
}

function stropStep(bench: Bench): LadderStep | null {
  const { stropForceN } = bench.face.practice;
  return bench.strop && counted(bench, bench.strop, 'strop the spine', STROP_STROKES, stropForceN);
}

function counted(
  { face, hand }: Bench,
  abrasive: LadderAbrasive,
  task: StepTask,
  strokesPerSide: number,
  forceN: number,
): LadderStep {
  const strokeLengthMm = Math.min(0.9 * abrasive.lengthMm, face.edgeLengthMm);
  return countedStep({
    face,
    abrasive,
    task,
    strokesPerSide,
    strokeLengthMm,
    forceN,
    apexRadiusUm: NO_APEX_UM,
    hand,
  });
}
