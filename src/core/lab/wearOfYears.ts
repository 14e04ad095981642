import { sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool, Zone } from '../../domain/tool';
import {
  meet,
  profileThickness,
  reshapedZone,
  sectionProfile,
  workedWidthMm,
  type ProfilePoint,
} from '../edge';
import { grownZone, recessionsOf, steelPace, zoneNow, type SteelPace } from '../inspection';
import { faceLimitMm } from '../jobs';
import { workingFace } from '../ladder';
import { sinDeg, tanDeg } from '../trigonometry';
import { apexRecessionMm, BAND_ABOVE_DEG } from '../wear';

/** Ways to go on with an edge. */
export type Habit = 'asNow' | 'stropMore' | 'narrowBands' | 'degreeLower';

/** An edge in one year. */
export interface YearShape {
  /** From today; below zero lies behind. */
  year: number;
  zone: Zone;
  /** Its outline from the apex of that year, which lies `lostMm` behind that of today. */
  profile: readonly ProfilePoint[];
  lostMm: number;
  /** Width of the face that touch-ups work, thickness a millimetre behind the edge, and steel above the reserve (mm). */
  faceMm: number;
  thicknessAt1Mm: number;
  leftMm: number;
}

export interface HabitYears {
  /** Today first. */
  shapes: YearShape[];
  /** Years until the worked face passes its limit; null where it does not in these years. */
  thinIn: number | null;
  /** Years until the steel above the reserve is used up. */
  steelYears: number;
}

export interface WearOfYears {
  /** What the log tells, oldest first, today last; today alone where it tells nothing. */
  past: YearShape[];
  /** When the first of these was (ISO 8601). */
  since: string;
  pace: SteelPace;
  /** Touch-ups a year that the years ahead are counted by; the usual ones where the log shows no pace yet. */
  touchUpsPerYear: number;
  isUsualPace: boolean;
  /** By habit; null where the edge has no room for a degree lower. */
  ahead: Record<Exclude<Habit, 'degreeLower'>, HabitYears> & { degreeLower: HabitYears | null };
}

/** A shape that a job has left on a zone. */
export interface ShapeLeft {
  /** ISO 8601. */
  at: string;
  zone: Zone;
}

export const YEARS_AHEAD = 10;
/** A tool in steady use. */
const USUAL_PACE = 20;
/** So much of the wear goes to the stone where every second touch-up is left to the strop. */
const STROPPED_SHARE = 0.5;
const LOWER_DEG = 1;
const YEAR_MS = 365.25 * 24 * 3600 * 1000;

/**
 * An edge over the years of its log, and on from today under four habits. The face grows by sin α/sin(θ − α) for each
 * mm that the apex recedes, as on the tool's own page; how far it recedes a touch-up, and how often, is the log's.
 */
export function wearOfYears(input: {
  tool: Tool;
  zone: Zone;
  sessions: readonly LoggedSession[];
  shapes: readonly ShapeLeft[];
  nowMs: number;
}): WearOfYears {
  const { tool, zone, sessions } = input;
  const pace = steelPace(tool, zone, sessions);
  const isUsualPace = pace.touchUpsPerYear === 0;
  const touchUpsPerYear = isUsualPace ? USUAL_PACE : pace.touchUpsPerYear;
  const past = pastShapes(input);
  const today = past.at(-1)!;
  const present = zoneNow(tool, zone, sessions);
  const years = (way: HabitWay): HabitYears => yearsOf(way, { tool, today, touchUpsPerYear });
  const habits = habitsOf(tool, present, pace);
  const ahead = {
    asNow: years(habits.asNow),
    stropMore: years(habits.stropMore),
    narrowBands: years(habits.narrowBands),
    degreeLower: habits.degreeLower && years(habits.degreeLower),
  };
  const since = new Date(input.nowMs + past[0]!.year * YEAR_MS).toISOString();
  return { past, since, pace, touchUpsPerYear, isUsualPace, ahead };
}

/** What a habit makes of an edge: what is lost a touch-up, what at once, and the shape by what has gone since. */
interface HabitWay {
  eachMm: number;
  atOnceMm: number;
  shape(lostMm: number): Zone;
}

function habitsOf(
  tool: Tool,
  zone: Zone,
  { recessionMm, everydayMm }: SteelPace,
): Record<Exclude<Habit, 'degreeLower'>, HabitWay> & { degreeLower: HabitWay | null } {
  const grown = (from: Zone) => (lostMm: number) => grownZone(tool, from, lostMm);
  // A facet that is not kept is blended in by the next touch-ups.
  const plain = zone.facet?.kept ? zone : { ...zone, facet: null };
  const { angleDeg } = workingFace(tool, plain);
  // Damage goes as deep at any angle; only everyday wear goes by it.
  const eachAt = (deg: number): number =>
    recessionMm + (recessionAt(deg) / recessionAt(angleDeg) - 1) * everydayMm;
  const bandDeg = angleDeg + BAND_ABOVE_DEG;
  const aim = { grind: 'as it is', angleDeg: angleDeg - LOWER_DEG } as const;
  const lower = reshapedZone({ tool, zone: plain, aim });
  return {
    asNow: { eachMm: recessionMm, atOnceMm: 0, shape: grown(plain) },
    stropMore: {
      eachMm: recessionMm - (1 - STROPPED_SHARE) * everydayMm,
      atOnceMm: 0,
      shape: grown(plain),
    },
    narrowBands: { eachMm: eachAt(bandDeg), atOnceMm: 0, shape: banded(tool, plain, bandDeg) },
    degreeLower: lower && {
      eachMm: eachAt(aim.angleDeg),
      atOnceMm: lower.recessionMm,
      shape: grown(lower.zoneAfter),
    },
  };
}

/** Recession of one and the same rounding, by the angle that it is ground out at. */
const recessionAt = (angleDeg: number): number =>
  apexRecessionMm({ apexRadiusUm: 1, damageDepthMm: 0, angleDeg });

/** A zone whose touch-ups are all steeper than its face: a facet from the apex to where it comes out on the old outline. */
function banded(tool: Tool, zone: Zone, bandDeg: number): (lostMm: number) => Zone {
  const { startMm, endMm } = zone;
  const outline = sectionProfile(tool, zone);
  return (lostMm) => {
    const { halfMm } = meet(outline, { depthMm: lostMm, halfMm: 0 }, tanDeg(bandDeg));
    const faceWidthMm = halfMm / sinDeg(bandDeg);
    return lostMm > 0
      ? { ...zone, facet: { angleDeg: bandDeg, faceWidthMm, startMm, endMm, kept: true } }
      : zone;
  };
}

function yearsOf(
  way: HabitWay,
  { tool, today, touchUpsPerYear }: { tool: Tool; today: YearShape; touchUpsPerYear: number },
): HabitYears {
  const { eachMm, atOnceMm } = way;
  const yearlyMm = eachMm * touchUpsPerYear;
  const shapes = Array.from({ length: YEARS_AHEAD + 1 }, (_, year) => {
    if (year === 0) return today;
    const sinceMm = year * yearlyMm;
    return shapeIn(year, tool, way.shape(sinceMm), atOnceMm + sinceMm);
  });
  const limitMm = faceLimitMm(tool, way.shape(0));
  const isWide = (year: number): boolean => {
    const zone = way.shape(year * yearlyMm);
    return limitMm !== null && zone.facet === null && workedWidthMm(zone) > limitMm;
  };
  return {
    shapes,
    thinIn: isWide(YEARS_AHEAD) ? firstIn(isWide) : null,
    steelYears: yearlyMm > 0 ? Math.max(0, today.leftMm - atOnceMm) / yearlyMm : Infinity,
  };
}

/** The first year, by halving, from which something holds that holds at the end. */
function firstIn(holds: (year: number) => boolean): number {
  if (holds(0)) return 0;
  let [low, high] = [0, YEARS_AHEAD];
  for (let i = 0; i < 30; i += 1) {
    const middle = (low + high) / 2;
    if (holds(middle)) high = middle;
    else low = middle;
  }
  return high;
}

function shapeIn(year: number, tool: Tool, zone: Zone, lostMm: number): YearShape {
  const profile = sectionProfile(tool, zone);
  return {
    year,
    zone,
    profile,
    lostMm,
    faceMm: zone.facet?.faceWidthMm ?? workedWidthMm(zone),
    thicknessAt1Mm: profileThickness(profile, 1),
    leftMm: Math.max(0, tool.bladeWidthMm - tool.reserveMm - lostMm),
  };
}

/** A shape that is known for a moment: as it was measured, or as a job left it. */
interface KnownShape {
  atMs: number;
  zone: Zone;
  isMeasured: boolean;
}

/**
 * The shapes of past years that the log can tell: on from what was measured or left by a job, and back from what was
 * measured. Before a job that gave the edge its shape nobody knows the one before.
 */
function pastShapes(input: Parameters<typeof wearOfYears>[0]): YearShape[] {
  const { tool, zone, sessions, shapes, nowMs } = input;
  const worn = recessionsOf(tool, zone, sessions).map(({ startedAt, recessionMm }) => ({
    atMs: Date.parse(startedAt),
    recessionMm,
  }));
  const lostIn = (fromMs: number, toMs: number): number =>
    sum(worn, ({ atMs, recessionMm }) => (atMs > fromMs && atMs <= toMs ? recessionMm : 0));
  const left = shapes
    .map(({ at, zone: shape }) => ({ atMs: Date.parse(at), zone: shape, isMeasured: false }))
    .sort((a, b) => a.atMs - b.atMs);
  const known = [...left.slice(0, -1), shapeOfRecord(zone, left.at(-1))];
  const shapeAt = (atMs: number): Zone | null => {
    const before = known.findLast((each) => each.atMs <= atMs);
    if (before) return grownZone(tool, before.zone, lostIn(before.atMs, atMs));
    const after = known[0]!;
    return after.isMeasured ? grownZone(tool, after.zone, -lostIn(atMs, after.atMs)) : null;
  };
  const firstMs = Math.min(nowMs, ...worn.map(({ atMs }) => atMs - 1), ...left.map((s) => s.atMs));
  const ages = Math.floor((nowMs - firstMs) / YEAR_MS);
  const moments = [
    ...new Set([firstMs, ...Array.from({ length: ages }, (_, i) => nowMs - (ages - i) * YEAR_MS)]),
  ];
  const told = moments.flatMap((atMs) => {
    const shape = atMs < nowMs ? shapeAt(atMs) : null;
    if (!shape) return [];
    return shapeIn((atMs - nowMs) / YEAR_MS, tool, shape, -lostIn(atMs, nowMs));
  });
  return [...told, shapeIn(0, tool, zoneNow(tool, zone, sessions), 0)];
}

/** The shape on the tool's record: as it was measured last, or as the last job left it. */
function shapeOfRecord(zone: Zone, lastLeft: KnownShape | undefined): KnownShape {
  const measuredMs = zone.measuredAt === null ? -Infinity : Date.parse(zone.measuredAt);
  if (!lastLeft || measuredMs > lastLeft.atMs) return { atMs: measuredMs, zone, isMeasured: true };
  return { ...lastLeft, zone };
}
