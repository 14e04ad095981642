import { angleBehind, reshapedZone, type EdgeAim, type Reshaped, facetWidthMm } from '../edge';
import {
  workingFace,
  type LadderStep,
  damageBand,
  workedParts,
  type HelpfulStone,
  type LadderAbrasive,
  type LadderStone,
} from '../ladder';
import { PRIORS } from '../priors';
import { apexLadder } from './apexLadder';
import type { EdgeJob } from './edgeJob';
import { grindArc, type SetBack } from './grindArc';
import { grindBehind, cutStep, grinders, quickestCut } from './grindBehind';
import { NO_PLAN, withoutSteps, withSteps, type JobPlan } from './jobPlan';
import type { ZoneFacet } from '../../domain/tool';
import { least } from 'd3-array';
import { FILE_LIMIT_HRC } from '../wear';

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

/** The chips of an edge ground out before anything else is done to it. */
interface ChipsOut {
  step: LadderStep;
  setBack: SetBack;
}

/**
 * Damage ground out in a narrow band over its stretch, by the quickest stone or file at hand, before a new angle
 * is ground; null where nothing at hand bites this steel.
 */
function chipsOut(job: EdgeJob): ChipsOut | null {
  const { tool, zone, hand } = job;
  const face = workingFace(tool, zone);
  const [part] = workedParts(face, { ...job, keenRadiusUm: undefined }, 'narrow band');
  const { startMm, endMm, angleDeg } = part!.stretch!;
  const { volumeMm3, widthMm } = part!.heavy!;
  const lengthMm = endMm - startMm;
  const band = { ...face, angleDeg, startMm, edgeLengthMm: lengthMm, faceWidthMm: widthMm };
  const stones = grinders(band, job.abrasives, job.ownLadder);
  const cut = quickestCut(stones, band, { task: 'grind out damage', volumeMm3 }, hand);
  if (!cut) return null;
  const step = cutStep(band, cut, hand, null);
  const { strokesPerSide } = step;
  const facet: ZoneFacet = {
    startMm,
    endMm,
    angleDeg,
    faceWidthMm: facetWidthMm(widthMm),
    kept: false,
  };
  return {
    step: {
      ...step,
      stretch: { startMm, endMm, angleDeg, strokesPerSide },
      zoneAfter: { ...zone, facet },
    },
    setBack: {
      lengthMm,
      depthMm: job.damageDepthMm,
      bandAreaMm2: damageBand(face, job.damageDepthMm).areaPerSideMm2,
    },
  };
}

/** What has to be saved (share of the minutes) for a stone to be worth waiting for. */
const WORTH_WAITING = 0.5;

const grinder = (change: Partial<LadderStone>): LadderStone => ({
  kind: 'stone',
  id: 'candidate-grinder',
  name: 'coarse diamond',
  family: 'diamond',
  form: 'plate',
  sizeUm: 120,
  lengthMm: 150,
  widthMm: 50,
  dishMm: 0,
  state: 'normal',
  lubricant: 'dry',
  soakMl: 0,
  held: null,
  ...change,
});

/**
 * What would grind a face much sooner than the things at hand: one that is owned and lies elsewhere, a file where
 * one bites, a coarse diamond; null where none halves the minutes.
 */
function helpfulGrinder(
  job: EdgeJob,
  present: JobPlan,
  planWith: (abrasives: readonly LadderAbrasive[]) => JobPlan,
): HelpfulStone | null {
  const { toolForm, hardnessHrc, contour } = workingFace(job.tool, job.zone);
  const atHand = new Set(job.abrasives.map(({ id }) => id));
  const elsewhere = job.owned.filter(
    (abrasive): abrasive is LadderStone => abrasive.kind === 'stone' && !atHand.has(abrasive.id),
  );
  const bites = hardnessHrc <= FILE_LIMIT_HRC && toolForm !== 'knife';
  const file = grinder({
    id: 'candidate-file',
    family: 'file',
    form: 'file',
    sizeUm: 100,
    lengthMm: 250,
  });
  const hollow = contour === 'recurve' ? ({ form: 'rod', widthMm: 8 } as const) : {};
  const ways = [
    ...elsewhere.map((stone) => ({ stone, owned: stone.name as string | null })),
    ...(bites ? [{ stone: file, owned: null }] : []),
    { stone: grinder(hollow), owned: null },
  ].flatMap(({ stone, owned }) => {
    const plan = planWith([...job.abrasives, stone]);
    return plan.outcome === 'planned' ? [{ stone, owned, minutes: plan.minutes }] : [];
  });
  const mostMinutes = present.outcome === 'planned' ? WORTH_WAITING * present.minutes : Infinity;
  const helping = ways.filter(({ minutes }) => minutes <= mostMinutes);
  // What is owned already comes first; then the quickest.
  const owned = helping.filter((way) => way.owned !== null);
  const best = least(owned.length > 0 ? owned : helping, ({ minutes }) => minutes);
  if (!best) return null;
  const { stone, minutes } = best;
  const savesMinutes = present.outcome === 'planned' ? present.minutes - minutes : null;
  return { sizeUm: stone.sizeUm, family: stone.family, owned: best.owned, savesMinutes, minutes };
}
