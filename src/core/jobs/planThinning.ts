import type { Session } from '../../domain/session';
import type { StepTask } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { thinningCut } from '../edge';
import {
  describeStep,
  lightestLadder,
  stoneRung,
  whyUnfit,
  workingFace,
  type LadderAbrasive,
  type LadderPlan,
  type LadderStep,
  type LadderStone,
  type WorkingFace,
} from '../ladder';
import { faceVolumeMm3, scratchShiftMm, type Pace } from '../wear';
import { bevelDrift, isZeroGround } from './bevelDrift';
import { APEX_RUNGS, withoutSteps, type JobPlan } from './jobPlan';
import { planFlattening } from './planFlattening';

/** Steel to take off behind the edge, and how the stone is laid for it. */
export interface ThinningWork {
  holdAngleDeg: number;
  faceWidthMm: number;
  /** Both sides together. */
  volumeMm3: number;
  zoneAfter: Zone;
}

/** A face is thinned back to this share of its limit, or of itself where none is set (prior). */
const THINNED_SHARE = 2 / 3;
/** One thinning leaves this share of a face at least: a further one can follow (prior). */
const LEAST_LEFT_SHARE = 0.5;
/** The apex is set again after thinning as if it were at least this many targets round (prior). */
const APEX_AFTER_THINNING = 2;
/** Faces that show are polished down to this size (µm), each stone at most half of the last. */
const POLISHED_UM = 6;

/** What thinning takes off a zone: its worked face is narrowed to two thirds of its limit. */
export function thinningWork(tool: Tool, zone: Zone): ThinningWork {
  const presentMm = workingFace(tool, zone).faceWidthMm;
  const limitMm = Math.min(presentMm, zone.faceLimitMm ?? presentMm);
  const towardMm = Math.max(THINNED_SHARE * limitMm, LEAST_LEFT_SHARE * presentMm);
  return narrowedTo(tool, zone, towardMm);
}

/** What it takes to narrow a worked face to a width; not for a bevel ground to the apex. */
export function narrowedTo(tool: Tool, zone: Zone, faceWidthMm: number): ThinningWork {
  const cut = thinningCut({ tool, zone, faceWidthMm });
  return {
    holdAngleDeg: cut.holdAngleDeg,
    faceWidthMm: cut.reliefWidthMm,
    volumeMm3: 2 * (zone.endMm - zone.startMm) * cut.areaPerSideMm2,
    zoneAfter: cut.zoneAfter,
  };
}

/**
 * Thinning as a plan for the guide. A bevel that runs flat to its apex is ground flat again where it
 * has drifted. Behind any other edge the quickest stone or file at hand lays the steel behind the
 * edge back, finer ones polish it where the keeper wants no scratches, and the lightest ladder sets
 * the apex again.
 */
export function planThinning(input: {
  tool: Tool;
  zone: Zone;
  sessions: readonly Session[];
  apexRadiusUm: number;
  damageDepthMm: number;
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}): JobPlan {
  const { tool, zone, abrasives, pace } = input;
  if (isZeroGround(zone)) {
    return planFlattening({ ...input, lagMm: bevelDrift(tool, zone, input.sessions).lagMm });
  }
  const work = thinningWork(tool, zone);
  const behind = thinningSteps({ tool, zone, work, abrasives, pace });
  const apex = lightestLadder(
    {
      face: workingFace(tool, work.zoneAfter),
      condition: {
        apexRadiusUm: Math.max(input.apexRadiusUm, APEX_AFTER_THINNING * zone.targetApexUm),
        damageDepthMm: input.damageDepthMm,
      },
      targetApexUm: zone.targetApexUm,
      abrasives,
      pace,
    },
    APEX_RUNGS,
  );
  if (behind.length === 0 || apex.outcome !== 'planned') return withoutSteps(apex, 'out of reach');
  return { ...withSteps(apex, behind), zoneAfter: work.zoneAfter };
}

/** A ladder that begins with further steps. */
export function withSteps(ladder: LadderPlan, first: readonly LadderStep[]): LadderPlan {
  const steps = [...first, ...ladder.steps];
  return { ...ladder, steps, minutes: steps.reduce((sum, { minutes }) => sum + minutes, 0) };
}

/** The steps behind the edge; none where nothing at hand bites this steel. */
export function thinningSteps(input: {
  tool: Tool;
  zone: Zone;
  work: ThinningWork;
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}): LadderStep[] {
  const { tool, zone, work, abrasives, pace } = input;
  const face: WorkingFace = {
    ...workingFace(tool, zone),
    angleDeg: work.holdAngleDeg,
    faceWidthMm: work.faceWidthMm,
    behindAngleDeg: zone.primaryAngleDeg,
    arcRadiusMm: null,
  };
  const stones = abrasives
    .filter((abrasive): abrasive is LadderStone => abrasive.kind === 'stone')
    .filter((stone) => whyUnfit(stone, face) === null);
  const quickest = (some: readonly LadderStone[], task: StepTask, volumeMm3: number) => {
    const removal = { task, volumeMm3, contactWidthMm: work.faceWidthMm };
    return some
      .flatMap((stone) => {
        const rung = stoneRung(face, stone, removal, pace);
        return rung ? [{ stone, rung }] : [];
      })
      .reduce<{ stone: LadderStone; rung: NonNullable<ReturnType<typeof stoneRung>> } | null>(
        (best, next) => (best && best.rung.minutes <= next.rung.minutes ? best : next),
        null,
      );
  };

  const steps: LadderStep[] = [];
  let last = quickest(stones, 'move the shoulders back', work.volumeMm3);
  let jumpRatio: number | null = null;
  while (last) {
    const { stone, rung } = last;
    steps.push(describeStep({ face, abrasive: stone, rung, jumpRatio, missingStone: null }));
    if (tool.schools.scratches !== 'unscratched' || stone.sizeUm <= POLISHED_UM) break;
    const shiftMm = scratchShiftMm({ sizeUm: stone.sizeUm });
    const volumeMm3 = faceVolumeMm3({ ...face, shiftMm });
    const finer = stones.filter(
      ({ sizeUm, form }) => sizeUm <= stone.sizeUm / 2 && form !== 'file',
    );
    last = quickest(finer, 'polish behind the edge', volumeMm3);
    jumpRatio = last && stone.sizeUm / last.stone.sizeUm;
  }
  return steps;
}
