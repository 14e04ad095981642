import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { Tool, Zone } from '../../domain/tool';
import { grouped } from '../grouped';
import { finishName, WORKS_UP_TO, type FinishName } from '../sharpness';
import { workStretches, type WorkLog, type WorkStretch } from '../trip';
import { workedAngle } from './workedAngle';

/** How long an edge lasts at one task, with one finish at one angle. */
export interface TaskEndurance {
  taskId: string;
  /** Null where no stone is in the log before that work. */
  finish: FinishName | null;
  angleDeg: number | null;
  /** Hours of the task from as keen as asked until the edge is tired. */
  hours: number;
  /** Whether in none of its stretches the edge got rounder: then it is at least so long. */
  isAtLeast: boolean;
  stretches: number;
}

/** Fewer stretches of work than this say nothing. */
const FEWEST = 2;

/** Endurance of one edge by task, finish and angle, from the work between its looks. */
export function taskEndurance(
  tool: Tool,
  zone: Zone,
  log: WorkLog,
  work: readonly LoggedSession[],
): TaskEndurance[] {
  const known = workStretches(tool, zone, log)
    .filter(({ taskId }) => taskId !== null)
    .map((stretch) => ({ stretch, ...stoneBefore(work, stretch.from) }));
  return [...grouped(known, keyOf).values()]
    .filter((own) => own.length >= FEWEST)
    .map((own) => {
      const { finish, angleDeg, stretch } = own[0]!;
      const hours = own.reduce((sum, each) => sum + each.stretch.hours, 0);
      const dulledUm = own.reduce((sum, each) => sum + grownUm(each.stretch), 0);
      const roomUm = (WORKS_UP_TO - 1) * zone.targetApexUm;
      return {
        ...{ taskId: stretch.taskId!, finish, angleDeg, stretches: own.length },
        hours: dulledUm > 0 ? (hours * roomUm) / dulledUm : hours,
        isAtLeast: dulledUm <= 0,
      };
    });
}

function keyOf(each: {
  stretch: WorkStretch;
  finish: FinishName | null;
  angleDeg: number | null;
}): string {
  return `${each.stretch.taskId} ${each.finish} ${each.angleDeg}`;
}

function grownUm({ fromUm, toUm }: WorkStretch): number {
  return Math.max(0, toUm - fromUm);
}

/** The finish and the angle (whole degrees per side) that the last stone before a moment left. */
function stoneBefore(work: readonly LoggedSession[], at: string) {
  const ground = work.filter(
    ({ finishedAt, steps }) =>
      finishedAt! <= at && steps.some((step) => step.kind === 'stone' && isWorked(step)),
  );
  const stone = ground.at(-1)?.steps.findLast((step) => step.kind === 'stone' && isWorked(step));
  const angleDeg = ground.at(-1) ? workedAngle(ground.at(-1)!) : null;
  return {
    finish: stone ? finishName(stone.sizeUm) : null,
    angleDeg: angleDeg === null ? null : Math.round(angleDeg),
  };
}
