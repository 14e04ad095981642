import { sum } from 'd3-array';
import { SCHOOLS, type SchoolQuestion, type Schools } from '../../domain/schools';
import type { Tool, Zone } from '../../domain/tool';
import { planTouchUp, faceGrowthMm } from '../inspection';
import {
  type EdgeJob,
  isZeroGround,
  planThinning,
  faceLimitMm,
  DRIFT_LIMIT_MM,
  planFlattening,
  STEEPER_PER_WOBBLE,
} from '../jobs';
import { abrasivesAtHand, NO_WISHES, type Hand, type Shelf, workingFace } from '../ladder';
import type { SchoolNote } from './types';
import {
  tipReach,
  bevelGrowth,
  touchUpsUntilThinning,
  wideningPerRecession,
  thicknessBehindEdge,
} from '../edge';
import { calibrate, wobbleDeg } from '../evidence';
import { PRIORS } from '../priors';
import { roundingShiftMm } from '../wear';

/** An edge this many times as round as its target wants a stone: stropping is past. */
const WORN_SHARE = 5;

/** What one answer costs on one edge. */
export interface SchoolCost {
  answer: string;
  /** The next touch-up by this answer; null where nothing at hand works the edge. */
  touchUp: { strokesPerSide: number; minutes: number; apexRadiusUm: number } | null;
  /** What it costs beside that touch-up; null where the touch-up says it all. */
  note: SchoolNote | null;
}

/** Every answer to a question, with what it costs on a worn edge of this zone. */
export function schoolCosts(
  question: SchoolQuestion,
  edge: { tool: Tool; zone: Zone; shelf: Shelf; hand: Hand },
): SchoolCost[] {
  const { zone, shelf, hand } = edge;
  return SCHOOLS[question].map((answer) => {
    const schools = { ...edge.tool.schools, [question]: answer } as Schools;
    const abrasives = abrasivesAtHand(shelf, schools);
    const worn: EdgeJob = {
      tool: { ...edge.tool, schools },
      zone,
      apexRadiusUm: WORN_SHARE * zone.targetApexUm,
      keenRadiusUm: null,
      damageDepthMm: 0,
      damageStretch: null,
      where: 'bench',
      damageWay: null,
      ownLadder: NO_WISHES,
      sessions: [],
      abrasives,
      owned: abrasives,
      hand,
    };
    const { outcome, steps, minutes, apexRadiusUm } = planTouchUp(worn);
    const strokesPerSide = sum(steps, (step) => step.strokesPerSide);
    return {
      answer,
      touchUp: outcome === 'planned' ? { strokesPerSide, minutes, apexRadiusUm } : null,
      note: schoolNote(question, worn),
    };
  });
}

/** What the tool's own answer costs beside its next touch-up; null where that says it all. */
function schoolNote(question: SchoolQuestion, worn: EdgeJob): SchoolNote | null {
  switch (question) {
    case 'drift':
      return driftNote(worn);
    case 'tip':
      return tipNote(worn);
    case 'counting':
      return countingNote(worn);
    case 'profile':
    case 'scratches':
      return thickeningNote(worn);
    default:
      return null;
  }
}

/** Handle lifted at the belly or the wrist kept flat: how far the tip's edge is turned or missed. */
function tipNote({ tool, zone }: EdgeJob): SchoolNote {
  const { angleDeg } = workingFace(tool, zone);
  const { turnDeg, missedDeg, handleRiseMm } = tipReach({ tool, angleDeg });
  if (turnDeg < 1) return { kind: 'straight to its end' };
  return tool.schools.tip === 'lift the handle'
    ? { kind: 'handle lifted', turnDeg, handleRiseMm }
    : { kind: 'wrist flat', turnDeg, missedDeg };
}

/** Touch-ups after which ranges are compared. */
const SESSIONS = 5;

/** Counted or by feel: how wide the range of an estimate still is after a few touch-ups. */
function countingNote({ tool }: EdgeJob): SchoolNote {
  const byFeel = tool.schools.counting === 'by feel';
  const { sdLn } = calibrate({
    priorSd: PRIORS.familySdLn.value,
    observationSd: byFeel ? PRIORS.byFeelSdLn.value : PRIORS.stepSdLn.value,
    ratios: Array<number>(SESSIONS).fill(1),
  });
  return { kind: 'range after', sessions: SESSIONS, factor: Math.exp(sdLn), byFeel };
}

/** Thinned at every touch-up, when it is due, or never: how the face grows, and what thinning takes. */
function thickeningNote(worn: EdgeJob): SchoolNote {
  const { tool, zone } = worn;
  const { scratches, profile } = tool.schools;
  const growthMm = isZeroGround(zone) ? 0 : faceGrowthMm(worn);
  if (growthMm === 0) return { kind: 'does not grow' };
  if (profile === 'thin at every touch-up' && scratches !== 'unscratched') {
    return { kind: 'thinned each time', growthMm };
  }
  const face = workingFace(tool, zone);
  const limitMm = faceLimitMm(tool, zone) ?? PRIORS.wideningLimitShare.value * face.faceWidthMm;
  const taper = { ...face, primaryAngleDeg: face.behindAngleDeg, bevelAngleDeg: face.angleDeg };
  const recessionMm = growthMm / wideningPerRecession(taper);
  const touchUps = touchUpsUntilThinning({
    ...taper,
    faceWidthLimitMm: limitMm,
    recessionPerTouchUpMm: recessionMm,
  });
  if (scratches === 'unscratched') {
    const { shoulderThicknessMm } = bevelGrowth({ ...taper, recessionMm: touchUps * recessionMm });
    return { kind: 'left to thicken', touchUps, shoulderThicknessMm };
  }
  if (touchUps === 0) return { kind: 'thinning due now' };
  const thinning = planThinning(worn);
  const minutes = thinning.outcome === 'planned' ? thinning.minutes : null;
  return { kind: 'thinned when due', growthMm, touchUps, minutes };
}

/** Where an edge is measured to say how thick it is (mm behind it). */
const BEHIND_MM = 0.25;

/** Ground flat at each touch-up or let grow steeper: the flattening's price, or the thickness gained. */
function driftNote(worn: EdgeJob): SchoolNote {
  const { tool, zone, apexRadiusUm } = worn;
  if (!isZeroGround(zone)) return { kind: 'no drift' };
  const { angleDeg, hold } = workingFace(tool, zone);
  if (tool.schools.drift === 'regrind flat') {
    const lagMm = roundingShiftMm({ apexRadiusUm, angleDeg });
    const touchUps = Math.max(1, Math.floor(DRIFT_LIMIT_MM / lagMm));
    const flat = planFlattening({ ...worn, apexRadiusUm: zone.targetApexUm }, touchUps * lagMm);
    const { minutes, steps, outcome } = flat;
    const price = outcome === 'planned' ? { minutes, steelMm3: steps[0]!.volumeMm3 } : null;
    return { kind: 'ground flat', lagMm, touchUps, price };
  }
  const steeperDeg = STEEPER_PER_WOBBLE * wobbleDeg(worn.hand.learned.hold, hold);
  const thickness = (deg: number): number =>
    thicknessBehindEdge({ bevelAngleDeg: Math.min(60, deg), distanceMm: BEHIND_MM });
  return {
    kind: 'drifts',
    steeperDeg,
    behindMm: BEHIND_MM,
    flatMm: thickness(angleDeg),
    driftedMm: thickness(angleDeg + steeperDeg),
  };
}
