import { sum } from 'd3-array';
import { isBefore } from 'date-fns';
import { tasksOf } from '../../domain/tasks';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Finding, Inspection } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import {
  adviseAngle,
  damageLooks,
  damageOnce,
  SAME_ANGLE_DEG,
  workedAngle,
  type AngleAdvice,
} from '../inspection';

/** What happened to an edge while it was kept at one angle. */
interface AngleStay {
  angleDeg: number;
  from: string;
  /** The next angle's first entry; null for the present one. */
  to: string | null;
  touchUps: number;
  /** Chips and rolls by their cause, each counted once. */
  found: Record<Finding['cause'], number>;
  deepestMm: number;
}

/** Damage by angle, oldest first, and what the log says of the present angle. */
export interface DamageByAngle {
  stays: AngleStay[];
  advice: AngleAdvice;
}

/** An edge with fewer touch-ups than this and no damage says nothing of its angle. */
const FEWEST_TOUCH_UPS = 3;

/** Damage of one edge against its angle and its cause. `work` is finished, oldest first. */
export function damageByAngle(input: {
  tool: Tool;
  zone: Zone;
  work: readonly LoggedSession[];
  inspections: readonly Inspection[];
}): DamageByAngle | null {
  const { tool, zone, work, inspections } = input;
  const stays: AngleStay[] = [];
  for (const session of work) {
    const angleDeg = workedAngle(session) ?? stays.at(-1)?.angleDeg;
    if (angleDeg === undefined) continue;
    const last = stays.at(-1);
    if (last && Math.abs(last.angleDeg - angleDeg) < SAME_ANGLE_DEG) {
      last.touchUps += 1;
      continue;
    }
    if (last) last.to = session.startedAt;
    stays.push(newStay(angleDeg, session.startedAt));
  }
  const own = inspections.filter(({ toolId, zoneId }) => toolId === tool.id && zoneId === zone.id);
  for (const { at, found } of damageOnce(damageLooks(zone, work, own), zone)) {
    // What the very first look found came about at the angle that it was then.
    const stay = stays.findLast(({ from }) => isBefore(from, at)) ?? stays[0];
    if (!stay) continue;
    stay.found[found.cause] += 1;
    stay.deepestMm = Math.max(stay.deepestMm, found.depthMm);
  }
  const touchUps = sum(stays, (stay) => stay.touchUps);
  if (touchUps < FEWEST_TOUCH_UPS && stays.every(({ deepestMm }) => deepestMm === 0)) return null;
  const asked = { tool, zone, sessions: work, inspections: own, tasks: tasksOf(zone.work) };
  return stays.length === 0 ? null : { stays, advice: adviseAngle(asked) };
}

function newStay(angleDeg: number, from: string): AngleStay {
  const found = { work: 0, misuse: 0, factory: 0, unknown: 0 };
  return { angleDeg, from, to: null, touchUps: 1, found, deepestMm: 0 };
}
