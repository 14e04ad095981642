import type { LoggedSession } from '../../domain/loggedSession';
import type { Inspection } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import type { Endurance } from '../evidence';
import { steelLeft, type SteelLeft } from '../inspection';
import { isCarriedThrough, toolEndurance } from '../log';
import { damageByAngle, type DamageByAngle } from './damageByAngle';
import { daysRounder, edgeCourse, type EdgeCourse } from './edgeCourse';
import { effortOf, type Effort } from './effort';
import { gapsOf, type Gaps } from './gaps';
import { compareAsc } from 'date-fns';
import { isWorked } from '../../domain/observation';

/** What a log answers of one edge; empty or null where it holds too little. */
export interface EdgeAnswers {
  toolId: string;
  zoneId: string;
  course: EdgeCourse;
  rounder: { rounder: number; of: number } | null;
  gaps: Gaps[];
  effort: Effort | null;
  /** Hours until tired by task, finish and angle. */
  endurance: Endurance[];
  damage: DamageByAngle | null;
  steel: SteelLeft | null;
  entries: number;
}

/** Fewer touch-ups than this tell no pace of steel. */
const FEWEST_FOR_STEEL = 3;

/** What the log of one tool answers of each of its edges. */
export function edgeAnswers(
  tool: Tool,
  log: {
    trips: readonly Trip[];
    sessions: readonly LoggedSession[];
    inspections: readonly Inspection[];
  },
): EdgeAnswers[] {
  const endurance = toolEndurance(tool, log);
  return tool.zones.map((zone) => {
    const { sessions, inspections } = log;
    const work = finishedWork(tool.id, zone, sessions);
    const finished = work.filter(isCarriedThrough);
    const course = edgeCourse(tool, zone, sessions, inspections);
    const steel = steelLeft(tool, zone, sessions);
    return {
      toolId: tool.id,
      zoneId: zone.id,
      course,
      rounder: daysRounder(course),
      gaps: gapsOf(finished),
      effort: effortOf(finished),
      entries: work.length,
      endurance: endurance.filter(({ zoneId, taskId }) => zoneId === zone.id && taskId !== null),
      damage: damageByAngle({ tool, zone, work, inspections }),
      steel: steel.pace.touchUps < FEWEST_FOR_STEEL ? null : steel,
    };
  });
}

/** Finished work on one edge, oldest first; work on its spine and what nothing was done at left out. */
function finishedWork(
  toolId: string,
  zone: Pick<Zone, 'id'>,
  sessions: readonly LoggedSession[],
): LoggedSession[] {
  return sessions
    .filter((s) => s.toolId === toolId && s.zoneId === zone.id && s.job !== 'spine')
    .filter(({ finishedAt, steps }) => finishedAt !== null && steps.some(isWorked))
    .sort((a, b) => compareAsc(a.startedAt, b.startedAt));
}
