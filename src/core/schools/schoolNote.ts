import type { SchoolQuestion } from '../../domain/schools';
import {
  bevelGrowth,
  thicknessBehindEdge,
  tipReach,
  touchUpsUntilThinning,
  wideningPerRecession,
} from '../edge';
import { faceGrowthMm } from '../inspection';
import {
  DRIFT_LIMIT_MM,
  isZeroGround,
  planFlattening,
  planThinning,
  STEEPER_PER_WOBBLE,
  type EdgeJob,
} from '../jobs';
import { workingFace } from '../ladder';
import { calibrate, OBSERVATION_SD, PRIOR_SD } from '../learn';
import { HOLD_WOBBLE_DEG, roundingShiftMm } from '../wear';

/** What a tool's own answer to a question costs beside the next touch-up. */
export type SchoolNote =
  | { kind: 'no drift' }
  | {
      kind: 'ground flat';
      lagMm: number;
      touchUps: number;
      /** Null where nothing at hand does it. */
      price: { minutes: number; steelMm3: number } | null;
    }
  | {
      kind: 'drifts';
      steeperDeg: number;
      behindMm: number;
      flatMm: number;
      driftedMm: number;
    }
  | { kind: 'straight to its end' }
  | { kind: 'handle lifted'; turnDeg: number; handleRiseMm: number }
  | { kind: 'wrist flat'; turnDeg: number; missedDeg: number }
  | { kind: 'range after'; sessions: number; factor: number; byFeel: boolean }
  | { kind: 'does not grow' }
  | { kind: 'thinned each time'; growthMm: number }
  | { kind: 'left to thicken'; touchUps: number; shoulderThicknessMm: number }
  | { kind: 'thinning due now' }
  | { kind: 'thinned when due'; growthMm: number; touchUps: number; minutes: number | null };

/** An edge this many times as round as its work asks for wants a stone: stropping is past. */
export const WORN_SHARE = 5;
/** Where an edge is measured to say how thick it is (mm behind it). */
const BEHIND_MM = 0.25;
/** Touch-ups after which ranges are compared. */
const SESSIONS = 5;
/** Spread of ln(actual/predicted) of a session whose minutes alone are known (prior). */
const BY_FEEL_SD = 0.7;
/** Where no limit is set, a face half as wide again wants thinning (prior). */
const LIMIT_SHARE = 1.5;

/** What the tool's own answer costs beside its next touch-up; null where that says it all. */
export function schoolNote(question: SchoolQuestion, worn: EdgeJob): SchoolNote | null {
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
  const steeperDeg = STEEPER_PER_WOBBLE * HOLD_WOBBLE_DEG[hold];
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

function tipNote({ tool, zone }: EdgeJob): SchoolNote {
  const { angleDeg } = workingFace(tool, zone);
  const { turnDeg, missedDeg, handleRiseMm } = tipReach({ tool, angleDeg });
  if (turnDeg < 1) return { kind: 'straight to its end' };
  return tool.schools.tip === 'lift the handle'
    ? { kind: 'handle lifted', turnDeg, handleRiseMm }
    : { kind: 'wrist flat', turnDeg, missedDeg };
}

function countingNote({ tool }: EdgeJob): SchoolNote {
  const byFeel = tool.schools.counting === 'by feel';
  const { sdLn } = calibrate({
    priorSd: PRIOR_SD,
    observationSd: byFeel ? BY_FEEL_SD : OBSERVATION_SD,
    ratios: Array<number>(SESSIONS).fill(1),
  });
  return { kind: 'range after', sessions: SESSIONS, factor: Math.exp(sdLn), byFeel };
}

function thickeningNote(worn: EdgeJob): SchoolNote {
  const { tool, zone } = worn;
  const { scratches, profile } = tool.schools;
  const growthMm = isZeroGround(zone) ? 0 : faceGrowthMm(worn);
  if (growthMm === 0) return { kind: 'does not grow' };
  if (profile === 'thin at every touch-up' && scratches !== 'unscratched') {
    return { kind: 'thinned each time', growthMm };
  }
  const face = workingFace(tool, zone);
  const limitMm = zone.faceLimitMm ?? LIMIT_SHARE * face.faceWidthMm;
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
