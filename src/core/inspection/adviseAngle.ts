import { compareDesc } from 'date-fns';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Finding, Inspection, Observation } from '../../domain/session';
import { isWorked } from '../../domain/observation';
import type { Task, TaskId } from '../../domain/tasks';
import type { Tool, Zone } from '../../domain/tool';
import { reshapedZone } from '../edge';
import { thinningNeed } from '../jobs';
import { workingFace } from '../ladder';
import { workedSessions } from '../log';
import { tanDeg } from '../trigonometry';
import { damageLooks, damageOnce, damages, type DamageLook } from './damageSeen';
import { edgeWord } from './edgeState';
import { angleChangedAt } from './workedAngle';
import { worstStretch } from '../sharpness';

/** What choosing an angle costs, beside the present one. */
interface AnglePrice {
  angleDeg: number;
  /** Thickness of a plain wedge a quarter of a millimetre behind the edge, both sides. */
  thicknessMm: number;
  /** Chips and rolls in the same work, as a share of the present angle's. */
  damageShare: number;
  /** How readily it enters, as a share of the present angle: a wedge parts the work by tan θ. */
  biteShare: number;
  /** Steel to grind away once to get there, both sides; 0 at the present angle. */
  steelMm3: number;
}

export interface AngleAdvice {
  move: 'keep' | 'steeper' | 'flatter' | 'thin';
  changeDeg: number;
  reason: AngleReason;
  prices: AnglePrice[];
}

export type AngleReason =
  | { kind: 'open chip'; cause: Finding['cause'] }
  | { kind: 'damaged by work'; count: number; depthMm: number }
  | { kind: 'face past its limit' }
  | { kind: 'below the usual'; task: TaskId; fromDeg: number }
  | { kind: 'even dulling'; touchUps: number }
  | { kind: 'nothing yet' };

/** Touch-ups in a row that have to show slow, even dulling before going thinner. */
const EVEN_TOUCH_UPS = 3;
/** Dulling is even while the roundest place tested is no more than so many times the keenest. */
const EVEN_RATIO = 4;
/** How much work damage from normal use asks for: per depth, up to three degrees. */
const DEEP_DAMAGE_MM = 0.15;

const STEEPEST_DEG = 60;
const FLATTEST_DEG = 5;

/**
 * The angle that the log asks for, since the zone was last measured or its angle changed. An open chip
 * that is not from work keeps the angle. Damage from normal work: one to three degrees steeper, or a
 * micro-bevel. A face past its limit: thin. Several touch-ups in a row of slow, even dulling without
 * damage: a degree flatter. The work planned sets the bounds.
 */
export function adviseAngle(input: {
  tool: Tool;
  zone: Zone;
  sessions: readonly LoggedSession[];
  inspections: readonly Inspection[];
  tasks: readonly Task[];
}): AngleAdvice {
  const { tool, zone, tasks } = input;
  const present = workingFace(tool, zone).angleDeg;
  const prices = [-2, -1, 0, 1, 2, 3].flatMap((step) => price(tool, zone, present + step) ?? []);
  const advice = (move: AngleAdvice['move'], changeDeg: number, reason: AngleReason) => ({
    move,
    changeDeg,
    reason,
    prices,
  });
  const steeper = (changeDeg: number, reason: AngleReason): AngleAdvice => {
    const roomDeg = Math.floor(STEEPEST_DEG - present);
    return roomDeg < 1
      ? advice('keep', 0, { kind: 'nothing yet' })
      : advice('steeper', Math.min(roomDeg, 3, changeDeg), reason);
  };

  const work = workedSessions(input.sessions).filter(
    ({ toolId, zoneId, job }) => toolId === tool.id && zoneId === zone.id && job !== 'spine',
  );
  const changedAt = angleChangedAt(work);
  const looks = damageLooks(zone, input.sessions, input.inspections).filter(
    ({ at }) => isAfter(at, zone.measuredAt) && isAfter(at, changedAt),
  );
  const open = openDamage(looks, zone);
  const foreign = open.find(({ cause }) => cause !== 'work');
  if (foreign) return advice('keep', 0, { kind: 'open chip', cause: foreign.cause });
  const worn = damageFromWork(looks, zone);
  if (worn.count > 0) {
    const much = worn.count > 2 || worn.depthMm > 2 * DEEP_DAMAGE_MM;
    const changeDeg = much ? 3 : worn.depthMm > DEEP_DAMAGE_MM ? 2 : 1;
    return steeper(changeDeg, { kind: 'damaged by work', ...worn });
  }
  if (thinningNeed(tool, zone, input.sessions) === 'face past its limit') {
    return advice('thin', 0, { kind: 'face past its limit' });
  }
  const hardest = tasks.reduce<Task | null>(
    (most, task) => (most && most.angleDeg[0] >= task.angleDeg[0] ? most : task),
    null,
  );
  const lowest = Math.max(FLATTEST_DEG, hardest?.angleDeg[0] ?? 0);
  if (hardest && present < lowest) {
    const reason = { kind: 'below the usual', task: hardest.id, fromDeg: lowest } as const;
    return steeper(Math.ceil(lowest - present), reason);
  }
  const roomBelow = present - 1 >= Math.max(lowest, workingFace(tool, zone).behindAngleDeg + 1);
  if (roomBelow && dullsEvenly(input)) {
    return advice('flatter', -1, { kind: 'even dulling', touchUps: EVEN_TOUCH_UPS });
  }
  return advice('keep', 0, { kind: 'nothing yet' });
}

function isAfter(at: string, since: string | null): boolean {
  return since === null || Date.parse(at) > Date.parse(since);
}

/** Whether the latest touch-ups, enough of them, all found slow and even dulling. */
function dullsEvenly({
  zone,
  sessions,
}: {
  zone: Zone;
  sessions: readonly LoggedSession[];
}): boolean {
  const latest = sessions
    .filter((s) => s.zoneId === zone.id && s.job === 'touch-up' && s.finishedAt !== null)
    .filter((s) => isAfter(s.startedAt, zone.measuredAt) && s.steps.some(isWorked))
    .sort((a, b) => compareDesc(a.startedAt, b.startedAt))
    .slice(0, EVEN_TOUCH_UPS);
  return (
    latest.length === EVEN_TOUCH_UPS &&
    latest.every(({ before }) => dulledSlowlyAndEvenly(before, zone))
  );
}

/** Whether an edge came to its touch-up before it was blunt, and dulled alike wherever it was tested. */
function dulledSlowlyAndEvenly({ tests }: Observation, zone: Zone): boolean {
  const radiiUm = tests.map((test) => worstStretch([test]).apexRadiusUm);
  const roundestUm = Math.max(...radiiUm, 0);
  const slow = edgeWord(roundestUm, zone.targetApexUm, 0) !== 'blunt';
  return slow && radiiUm.every((radiusUm) => roundestUm <= EVEN_RATIO * radiusUm);
}

/** Damage of the latest look that is neither mended nor left on purpose. */
function openDamage(looks: readonly DamageLook[], zone: Zone): Finding[] {
  const latest = looks.at(-1);
  if (!latest || latest.mends) return [];
  return damages(latest.seen, zone).filter(({ leftOnPurpose }) => !leftOnPurpose);
}

/** Damage from normal work, each once however often it was looked at before it was mended. */
function damageFromWork(looks: readonly DamageLook[], zone: Zone) {
  const counted = damageOnce(looks, zone)
    .map(({ found }) => found)
    .filter(({ cause }) => cause === 'work');
  return { count: counted.length, depthMm: Math.max(0, ...counted.map(({ depthMm }) => depthMm)) };
}

/** The price of an angle; null where it is no angle for this edge. */
function price(tool: Tool, zone: Zone, angleDeg: number): AnglePrice | null {
  const face = workingFace(tool, zone);
  if (angleDeg < FLATTEST_DEG || angleDeg > STEEPEST_DEG || angleDeg <= face.behindAngleDeg) {
    return null;
  }
  return {
    angleDeg,
    thicknessMm: 2 * 0.25 * tanDeg(angleDeg),
    damageShare: (face.angleDeg / angleDeg) ** 2,
    biteShare: tanDeg(face.angleDeg) / tanDeg(angleDeg),
    steelMm3:
      angleDeg === face.angleDeg ? 0 : 2 * face.edgeLengthMm * regrindArea(tool, zone, angleDeg),
  };
}

/** Area (mm² a side) between the section and one at another angle; infinite where too little is left. */
function regrindArea(tool: Tool, zone: Zone, angleDeg: number): number {
  const aim = { grind: 'as it is', angleDeg } as const;
  const reshaped = reshapedZone({ tool, zone: { ...zone, facet: null }, aim });
  return reshaped?.areaPerSideMm2 ?? Infinity;
}
