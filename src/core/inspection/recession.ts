import { extent, sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { Tool, Zone } from '../../domain/tool';
import { wideningPerRecession, withWorkedWidth } from '../edge';
import { workingFace } from '../ladder';
import { isCarriedThrough, wasDone } from '../log';
import { apexRecessionMm } from '../wear';
import { damageOf } from './damage';
import { worstStretch } from '../sharpness';
import { PRIORS } from '../priors';
import { sinDeg } from '../trigonometry';

/** How fast a zone's steel is used up. */
export interface SteelPace {
  /** Mean recession of the apex at a touch-up (mm), and how many of the log stand behind it. */
  recessionMm: number;
  /** The same without the damage that was ground out: what an everyday touch-up takes. */
  everydayMm: number;
  touchUps: number;
  touchUpsPerYear: number;
}

/** What records hold at most: a log that says more has outlived the measures it began from. */
const MOST_THICKNESS_MM = 30;
const MOST_MICRO_MM = 10;
/** No face is narrower. */
const LEAST_FACE_MM = 0.01;
const YEAR_MS = 365.25 * 24 * 3600 * 1000;

/** One touch-up that took steel off, or none where it was stropped alone. */
interface Recession {
  startedAt: string;
  recessionMm: number;
  everydayMm: number;
  /** Whether it was carried to its end: what was stopped takes steel and is no touch-up to count by. */
  isWhole: boolean;
}

/**
 * What each touch-up of a zone's log took off its edge, oldest first: the larger of its damage and of
 * the recession r·(1 − sin θ)/sin θ that the rounded apex asked for. Strops alone take none.
 */
export function recessionsOf(
  tool: Tool,
  zone: Zone,
  sessions: readonly LoggedSession[],
): Recession[] {
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
      isWhole: isCarriedThrough(session),
    }))
    .sort((a, b) => Date.parse(a.startedAt) - Date.parse(b.startedAt));
}

function withoutDamage(session: LoggedSession): LoggedSession {
  return { ...session, before: { ...session.before, findings: [] } };
}

/**
 * How far (mm) one session took the apex back; nothing where no stroke was made on a stone, and of what was
 * stopped on the way no more than its share of the first stone's strokes.
 */
export function sessionRecessionMm(session: LoggedSession, angleDeg: number): number {
  const { steps, before } = session;
  const ground = steps.filter((step) => step.kind === 'stone' && isWorked(step));
  if (ground.length === 0) return 0;
  const mended = ground.some(({ task }) => task === 'grind out damage');
  const { left, right, plannedPerSide } = ground[0]!;
  const share =
    plannedPerSide === 0 || wasDone(session)
      ? 1
      : Math.min(1, (left + right) / (2 * plannedPerSide));
  const wholeMm = apexRecessionMm({
    apexRadiusUm: before.tests.length > 0 ? worstStretch(before.tests).apexRadiusUm : 0,
    damageDepthMm: mended ? damageOf(before.findings).depthMm : 0,
    angleDeg,
  });
  return share * wholeMm;
}

/** Touch-ups since the zone was measured, oldest first: what its measures do not hold yet. */
export function recessionsSinceMeasured(
  tool: Tool,
  zone: Zone,
  sessions: readonly LoggedSession[],
): Recession[] {
  const { measuredAt } = zone;
  return recessionsOf(tool, zone, sessions).filter(
    ({ startedAt }) => measuredAt === null || Date.parse(startedAt) > Date.parse(measuredAt),
  );
}

/** The pace at which touch-ups use a zone up, from its log. */
export function steelPace(tool: Tool, zone: Zone, sessions: readonly LoggedSession[]): SteelPace {
  const log = recessionsOf(tool, zone, sessions);
  const whole = log.filter(({ isWhole }) => isWhole);
  const mean = (mm: number): number =>
    mm > 0 && whole.length > 0 ? mm / whole.length : PRIORS.recessionMm.value;
  const [firstMs, lastMs] = extent(whole, ({ startedAt }) => Date.parse(startedAt));
  const years = ((lastMs ?? 0) - (firstMs ?? 0)) / YEAR_MS;
  return {
    recessionMm: mean(sum(log, ({ recessionMm }) => recessionMm)),
    everydayMm: mean(sum(log, ({ everydayMm }) => everydayMm)),
    touchUps: whole.length,
    touchUpsPerYear: whole.length > 1 && years > 0 ? (whole.length - 1) / years : 0,
  };
}

/**
 * A zone as its touch-ups have left it since it was measured. For planning with; not for keeping.
 */
export function zoneNow(tool: Tool, zone: Zone, sessions: readonly LoggedSession[]): Zone {
  const since = recessionsSinceMeasured(tool, zone, sessions);
  return grownZone(
    tool,
    zone,
    sum(since, ({ recessionMm }) => recessionMm),
  );
}

/**
 * A zone after its apex has gone back so far (mm) through touch-ups: its worked face is wider by sin α/sin(θ − α) for
 * each mm. Below zero it is as it was before them.
 */
export function grownZone(tool: Tool, zone: Zone, lostMm: number): Zone {
  const { angleDeg, behindAngleDeg, faceWidthMm } = workingFace(tool, zone);
  const taper = { bevelAngleDeg: angleDeg, primaryAngleDeg: behindAngleDeg };
  const widening = wideningPerRecession(taper);
  const grownMm = lostMm * widening;
  if (grownMm === 0) return zone;
  if (zone.microBevel) {
    const { angleDeg: microDeg } = zone.microBevel;
    const overMm = faceWidthMm + grownMm - zone.shoulderThicknessMm / 2 / sinDeg(microDeg);
    // A micro-bevel that has reached the shoulder is the bevel, and grows by the faces behind that.
    if (overMm > 0) {
      const whole = { ...zone, microBevel: null, facet: null, bevelAngleDeg: microDeg };
      return grownZone(tool, whole, overMm / widening);
    }
  }
  const most = zone.microBevel ? MOST_MICRO_MM : Infinity;
  const wide = withWorkedWidth(
    zone,
    Math.min(most, Math.max(LEAST_FACE_MM, faceWidthMm + grownMm)),
  );
  if (grownMm < 0) return wide;
  return {
    ...wide,
    // Touch-ups only ever thicken it: a last digit that is lost on the way back from its width does not thin it.
    shoulderThicknessMm: Math.min(
      MOST_THICKNESS_MM,
      Math.max(zone.shoulderThicknessMm, wide.shoulderThicknessMm),
    ),
  };
}
