import { angleBehind, reshapedZone, type EdgeAim, type Reshaped } from '../edge';
import { workingFace, type LadderStep } from '../ladder';
import { PRIORS } from '../priors';
import { apexLadder } from './apexLadder';
import { chipsOut, type ChipsOut } from './chipsOut';
import type { EdgeJob } from './edgeJob';
import { grindArc } from './grindArc';
import { grindBehind } from './grindBehind';
import { helpfulGrinder } from './helpfulGrinder';
import { NO_PLAN, withoutSteps, withSteps, type JobPlan } from './jobPlan';

/** Less steel than this (mm², a side) is no change of angle. */
const LEAST_AREA_MM2 = 1e-6;

/**
 * Another angle or grind, in stages that each leave a sound edge: chips that the new section does not take with
 * it, the exact difference of the two half sections (an arc facet by facet, then over all of it), the apex.
 * Out of reach where this section has no room for the angle; and where it takes longer than `longestGrindMinutes`
 * and another stone would do it sooner, with that stone.
 */
export function planNewAngle(job: EdgeJob, aim: EdgeAim): JobPlan {
  const { tool, zone } = job;
  const reshaped = reshapedZone({ tool, zone, aim });
  const nothing = { ...NO_PLAN, apexRadiusUm: job.apexRadiusUm };
  if (!reshaped) {
    const floorDeg = angleBehind(zone, aim);
    const noRoom = { behindDeg: aim.angleDeg <= floorDeg ? floorDeg : null };
    return { ...nothing, outcome: 'out of reach', noRoom };
  }
  if (reshaped.areaPerSideMm2 < LEAST_AREA_MM2) return nothing;
  const plan = groundTo(job, aim, reshaped);
  const isShort = plan.outcome === 'planned' && plan.minutes <= PRIORS.longestGrindMinutes.value;
  if (isShort) return plan;
  const helpful = helpfulGrinder(job, plan, (abrasives) =>
    groundTo({ ...job, abrasives }, aim, reshaped),
  );
  return helpful
    ? {
        ...withoutSteps(plan, 'out of reach'),
        missingStone: helpful,
        tooLongMinutes: plan.minutes || null,
      }
    : plan;
}

function groundTo(job: EdgeJob, aim: EdgeAim, reshaped: Reshaped): JobPlan {
  const { damageDepthMm } = job;
  const { zoneAfter, recessionMm } = reshaped;
  // Chips no deeper than the apex moves back go with the steel.
  const chips = damageDepthMm > recessionMm ? chipsOut(job) : null;
  const ground = newFace(job, aim, reshaped, chips);
  const apex = apexLadder({ ...job, damageStretch: null }, zoneAfter, { damageDepthMm: 0 });
  const lacksGrinder = ground.length === 0 || (damageDepthMm > recessionMm && !chips);
  if (lacksGrinder || apex.outcome !== 'planned') {
    return withoutSteps({ ...NO_PLAN, ...apex }, 'out of reach');
  }
  return { ...NO_PLAN, ...withSteps(apex, [...(chips ? [chips.step] : []), ...ground]) };
}

/** The steps that grind the section to what it is to be. */
function newFace(
  job: EdgeJob,
  aim: EdgeAim,
  reshaped: Reshaped,
  chips: ChipsOut | null,
): LadderStep[] {
  const { tool, zone, abrasives, ownLadder, hand } = job;
  const { zoneAfter, areaPerSideMm2, faceWidthMm } = reshaped;
  const isArc =
    zoneAfter.grind === 'convex' && !zoneAfter.microBevel && aim.grind !== 'micro-bevel';
  if (isArc) return grindArc(job, reshaped, chips?.setBack ?? null);
  const [first, ...polish] = grindBehind({
    face: {
      ...workingFace(tool, zoneAfter),
      angleDeg: aim.angleDeg,
      faceWidthMm,
      facet: null,
      hold: 'freehand',
    },
    task: 'grind the new angle',
    volumeMm3: 2 * (zone.endMm - zone.startMm) * areaPerSideMm2,
    polished: tool.schools.scratches === 'unscratched',
    abrasives,
    ownLadder,
    hand,
  });
  return first ? [{ ...first, zoneAfter }, ...polish] : [];
}
