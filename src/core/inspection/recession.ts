import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { Tool, Zone } from '../../domain/tool';
import { wideningPerRecession, withWorkedWidth } from '../edge';
import { workingFace } from '../ladder';
import { apexRecessionMm } from '../wear';
import { damageOf } from './damage';
import { worstStretch } from './edgeState';

/** How fast a zone's steel is used up. */
export interface SteelPace {
  /** Mean recession of the apex at a touch-up (mm), and how many of the log stand behind it. */
  recessionMm: number;
  /** The same without the damage that was ground out: what an everyday touch-up takes. */
  everydayMm: number;
  touchUps: number;
  touchUpsPerYear: number;
}

/** Recession of a touch-up where the log shows none yet (prior). */
const USUAL_RECESSION_MM = 0.004;
/** What records hold at most: a log that says more has outlived the measures it began from. */
const MOST_THICKNESS_MM = 30;
const MOST_MICRO_MM = 10;
const YEAR_MS = 365.25 * 24 * 3600 * 1000;

/** One touch-up that took steel off, or none where it was stropped alone. */
interface Recession {
  startedAt: string;
  recessionMm: number;
  everydayMm: number;
}

/**
 * What each touch-up of a zone's log took off its edge, oldest first: the larger of its damage and of
 * the recession r·(1 − sin θ)/sin θ that the rounded apex asked for. Strops alone take none.
 */
function recessions(tool: Tool, zone: Zone, sessions: readonly LoggedSession[]): Recession[] {
  const { angleDeg } = workingFace(tool, zone);
  return sessions
    .filter(
      ({ toolId, zoneId, job, finishedAt }) =>
        toolId === tool.id && zoneId === zone.id && job === 'touch-up' && finishedAt !== null,
    )
    .map((session) => ({
      startedAt: session.startedAt,
      recessionMm: sessionRecessionMm(session, angleDeg),
      everydayMm: sessionRecessionMm(withoutDamage(session), angleDeg),
    }))
    .sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1));
}

function withoutDamage(session: LoggedSession): LoggedSession {
  return { ...session, before: { ...session.before, findings: [] } };
}

/** How far (mm) one session took the apex back; nothing where no stroke was made on a stone. */
export function sessionRecessionMm({ steps, before }: LoggedSession, angleDeg: number): number {
  const ground = steps.filter((step) => step.kind === 'stone' && isWorked(step));
  if (ground.length === 0) return 0;
  const mended = ground.some(({ task }) => task === 'grind out damage');
  return apexRecessionMm({
    apexRadiusUm: before.tests.length > 0 ? worstStretch(before.tests).apexRadiusUm : 0,
    damageDepthMm: mended ? damageOf(before.findings).depthMm : 0,
    angleDeg,
  });
}

/** Touch-ups since the zone was measured, oldest first: what its measures do not hold yet. */
export function recessionsSinceMeasured(
  tool: Tool,
  zone: Zone,
  sessions: readonly LoggedSession[],
): Recession[] {
  const { measuredAt } = zone;
  return recessions(tool, zone, sessions).filter(
    ({ startedAt }) => measuredAt === null || startedAt > measuredAt,
  );
}

/** The pace at which touch-ups use a zone up, from its log. */
export function steelPace(tool: Tool, zone: Zone, sessions: readonly LoggedSession[]): SteelPace {
  const log = recessions(tool, zone, sessions);
  const total = log.reduce((sum, { recessionMm }) => sum + recessionMm, 0);
  const everyday = log.reduce((sum, { everydayMm }) => sum + everydayMm, 0);
  const times = log.map(({ startedAt }) => Date.parse(startedAt));
  const years = (Math.max(...times) - Math.min(...times)) / YEAR_MS;
  return {
    recessionMm: total > 0 ? total / log.length : USUAL_RECESSION_MM,
    everydayMm: everyday > 0 ? everyday / log.length : USUAL_RECESSION_MM,
    touchUps: log.length,
    touchUpsPerYear: log.length > 1 && years > 0 ? (log.length - 1) / years : 0,
  };
}

/**
 * A zone as its touch-ups have left it since it was measured: its worked face is wider by
 * sin α/sin(θ − α) for each mm of recession. For planning with; not for keeping.
 */
export function zoneNow(tool: Tool, zone: Zone, sessions: readonly LoggedSession[]): Zone {
  const lostMm = recessionsSinceMeasured(tool, zone, sessions).reduce(
    (sum, { recessionMm }) => sum + recessionMm,
    0,
  );
  const { angleDeg, behindAngleDeg, faceWidthMm } = workingFace(tool, zone);
  const taper = { bevelAngleDeg: angleDeg, primaryAngleDeg: behindAngleDeg };
  const grownMm = lostMm * wideningPerRecession(taper);
  if (grownMm <= 0) return zone;
  const most = zone.microBevel ? MOST_MICRO_MM : Infinity;
  const wide = withWorkedWidth(zone, Math.min(most, faceWidthMm + grownMm));
  return {
    ...wide,
    shoulderThicknessMm: Math.min(MOST_THICKNESS_MM, wide.shoulderThicknessMm),
  };
}
