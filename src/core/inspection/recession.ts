import type { Session } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { wideningPerRecession, withWorkedWidth } from '../edge';
import { workingFace } from '../ladder';
import { TEST_CENTRE_UM } from '../sharpness';
import { apexRecessionMm } from '../wear';
import { damageToMend } from './edgeState';

/** How fast a zone's steel is used up. */
export interface SteelPace {
  /** Mean recession of the apex at a touch-up (mm), and how many of the log stand behind it. */
  recessionMm: number;
  touchUps: number;
  touchUpsPerYear: number;
}

/** Recession of a touch-up where the log shows none yet (prior). */
const USUAL_RECESSION_MM = 0.004;
const YEAR_MS = 365.25 * 24 * 3600 * 1000;

/** One touch-up that took steel off, or none where it was stropped alone. */
interface Recession {
  startedAt: string;
  recessionMm: number;
}

/**
 * What each touch-up of a zone's log took off its edge, oldest first: the larger of its damage and of
 * the recession r·(1 − sin θ)/sin θ that the rounded apex asked for. Strops alone take none.
 */
function recessions(tool: Tool, zone: Zone, sessions: readonly Session[]): Recession[] {
  const { angleDeg } = workingFace(tool, zone);
  return sessions
    .filter(
      ({ toolId, zoneId, job, finishedAt }) =>
        toolId === tool.id && zoneId === zone.id && job === 'touch-up' && finishedAt !== null,
    )
    .map(({ startedAt, steps, before }) => {
      if (steps.every(({ kind }) => kind === 'strop')) return { startedAt, recessionMm: 0 };
      const test = before.tests.at(-1)?.test;
      const recessionMm = apexRecessionMm({
        apexRadiusUm: test ? TEST_CENTRE_UM[test] : 0,
        damageDepthMm: damageToMend(before.findings),
        angleDeg,
      });
      return { startedAt, recessionMm };
    })
    .sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1));
}

/** Touch-ups since the zone was measured, oldest first: what its measures do not hold yet. */
export function recessionsSinceMeasured(
  tool: Tool,
  zone: Zone,
  sessions: readonly Session[],
): Recession[] {
  const { measuredAt } = zone;
  return recessions(tool, zone, sessions).filter(
    ({ startedAt }) => measuredAt === null || startedAt > measuredAt,
  );
}

/** The pace at which touch-ups use a zone up, from its log. */
export function steelPace(tool: Tool, zone: Zone, sessions: readonly Session[]): SteelPace {
  const log = recessions(tool, zone, sessions);
  const total = log.reduce((sum, { recessionMm }) => sum + recessionMm, 0);
  const times = log.map(({ startedAt }) => Date.parse(startedAt));
  const years = (Math.max(...times) - Math.min(...times)) / YEAR_MS;
  return {
    recessionMm: total > 0 ? total / log.length : USUAL_RECESSION_MM,
    touchUps: log.length,
    touchUpsPerYear: log.length > 1 && years > 0 ? (log.length - 1) / years : 0,
  };
}

/**
 * A zone as its touch-ups have left it since it was measured: its worked face is wider by
 * sin α/sin(θ − α) for each mm of recession. For planning with; not for keeping.
 */
export function zoneNow(tool: Tool, zone: Zone, sessions: readonly Session[]): Zone {
  const lostMm = recessionsSinceMeasured(tool, zone, sessions).reduce(
    (sum, { recessionMm }) => sum + recessionMm,
    0,
  );
  const { angleDeg, behindAngleDeg, faceWidthMm } = workingFace(tool, zone);
  const taper = { bevelAngleDeg: angleDeg, primaryAngleDeg: behindAngleDeg };
  const grownMm = lostMm * wideningPerRecession(taper);
  return grownMm > 0 ? withWorkedWidth(zone, faceWidthMm + grownMm) : zone;
}
