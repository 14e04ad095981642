import type { SchoolQuestion } from '../../domain/schools';
import type { Tool, Zone } from '../../domain/tool';
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
} from '../jobs';
import { workingFace, type LadderAbrasive } from '../ladder';
import { calibrate, OBSERVATION_SD, PRIOR_SD } from '../learn';
import { HOLD_WOBBLE_DEG, roundingShiftMm, type Pace } from '../wear';

/** An edge of a keeper, with what is at hand. */
export interface SchoolProblem {
  tool: Tool;
  zone: Zone;
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}

/** An edge this many times as round as its work asks for wants a stone: stropping is past. */
export const WORN_SHARE = 5;
/** Where an edge is measured to say how thick it is (mm behind it). */
const BEHIND_MM = 0.25;
/** Touch-ups after which ranges are compared. */
const SESSIONS = 5;
/** Spread of ln(actual/predicted) of a session whose minutes alone are known (prior). */
const BY_FEEL_SD = 0.7;

/** What a tool's own answer to a question costs beside the next touch-up, in words with numbers. */
export function schoolNote(question: SchoolQuestion, problem: SchoolProblem): string | null {
  switch (question) {
    case 'drift':
      return driftNote(problem);
    case 'tip':
      return tipNote(problem);
    case 'counting':
      return countingNote(problem);
    case 'profile':
    case 'scratches':
      return thickeningNote(problem);
    default:
      return null;
  }
}

function driftNote(problem: SchoolProblem): string {
  const { tool, zone } = problem;
  if (!isZeroGround(zone)) {
    return 'No difference here: only a bevel that runs flat to the apex can drift.';
  }
  const { angleDeg, hold } = workingFace(tool, zone);
  const lagMm = roundingShiftMm({ apexRadiusUm: WORN_SHARE * zone.targetApexUm, angleDeg });
  if (tool.schools.drift === 'regrind flat') {
    const touchUps = Math.max(1, Math.floor(DRIFT_LIMIT_MM / lagMm));
    const flat = planFlattening({
      ...problem,
      lagMm: touchUps * lagMm,
      apexRadiusUm: zone.targetApexUm,
      damageDepthMm: 0,
    });
    const steelMm3 = flat.steps[0]?.volumeMm3 ?? 0;
    return `Each touch-up leaves ${um(lagMm)} of steel on the bevel behind it. After ${touchUps} of them the bevel is ground flat: ${
      flat.outcome === 'planned'
        ? `about ${Math.round(flat.minutes)} min and ${steelMm3.toFixed(0)} mm³ of steel`
        : 'nothing at hand does that'
    }.`;
  }
  const steeperDeg = STEEPER_PER_WOBBLE * HOLD_WOBBLE_DEG[hold];
  const flat = thicknessBehindEdge({ bevelAngleDeg: angleDeg, distanceMm: BEHIND_MM });
  const drifted = thicknessBehindEdge({
    bevelAngleDeg: angleDeg + steeperDeg,
    distanceMm: BEHIND_MM,
  });
  return `No grinding. The apex stands about ${steeperDeg.toFixed(1)}° steeper per side, ${drifted.toFixed(3)} mm thick ${BEHIND_MM} mm behind the edge in place of ${flat.toFixed(3)}, and the bevel no longer guides the hand.`;
}

function tipNote({ tool, zone }: SchoolProblem): string {
  const { angleDeg } = workingFace(tool, zone);
  const { turnDeg, missedDeg, handleRiseMm } = tipReach({ tool, angleDeg });
  if (turnDeg < 1) return 'No difference here: the edge runs straight to its end.';
  return tool.schools.tip === 'lift the handle'
    ? `The end of the handle rises about ${Math.round(handleRiseMm)} mm by the tip, where the edge has turned ${Math.round(turnDeg)}°: one more movement to learn.`
    : `At the tip, where the edge has turned ${Math.round(turnDeg)}°, the bevel meets the stone ${missedDeg.toFixed(1)}° flatter: the shoulder is worked there, and the apex only if you press.`;
}

function countingNote({ tool }: SchoolProblem): string {
  const byFeel = tool.schools.counting === 'by feel';
  const { sdLn } = calibrate({
    priorSd: PRIOR_SD,
    observationSd: byFeel ? BY_FEEL_SD : OBSERVATION_SD,
    ratios: Array<number>(SESSIONS).fill(1),
  });
  const range = Math.exp(sdLn).toFixed(2);
  return `After ${SESSIONS} touch-ups, a range of ${range} times up and down${byFeel ? ': minutes alone say less' : ''}.`;
}

function thickeningNote(problem: SchoolProblem): string {
  const { tool, zone } = problem;
  const { scratches, profile } = tool.schools;
  const worn = {
    ...problem,
    apexRadiusUm: WORN_SHARE * zone.targetApexUm,
    damageDepthMm: 0,
    sessions: [],
  };
  const growthMm = isZeroGround(zone) ? 0 : faceGrowthMm(worn);
  if (growthMm === 0) return 'No difference here: the worked face does not grow.';
  if (profile === 'thin at every touch-up' && scratches !== 'unscratched') {
    return `Each touch-up takes back the ${um(growthMm)} that it widens the face by.`;
  }
  const face = workingFace(tool, zone);
  const limitMm = zone.faceLimitMm ?? 1.5 * face.faceWidthMm;
  const taper = { ...face, primaryAngleDeg: face.behindAngleDeg, bevelAngleDeg: face.angleDeg };
  const recessionMm = growthMm / wideningPerRecession(taper);
  const touchUps = touchUpsUntilThinning({
    ...taper,
    faceWidthLimitMm: limitMm,
    recessionPerTouchUpMm: recessionMm,
  });
  if (scratches === 'unscratched') {
    const { shoulderThicknessMm } = bevelGrowth({ ...taper, recessionMm: touchUps * recessionMm });
    return `Nothing behind the edge is touched: after ${touchUps} touch-ups it is ${shoulderThicknessMm.toFixed(2)} mm thick at the shoulder, wedges, and stays so.`;
  }
  if (touchUps === 0) return 'Past its limit: thinning is due now.';
  const thinning = planThinning(worn);
  const minutes =
    thinning.outcome === 'planned' ? `, about ${Math.round(thinning.minutes)} min` : '';
  return `The face grows ${um(growthMm)} at each touch-up: thinning is due after ${touchUps}${minutes}.`;
}

function um(lengthMm: number): string {
  return `${(1000 * lengthMm).toPrecision(2)} µm`;
}
