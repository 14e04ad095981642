import { group, mean, sum } from 'd3-array';
import type { WorkUnit } from '../../domain/terms';
import { finishName, WORKS_UP_TO, type FinishName } from '../sharpness';
import type { LastingEvidence } from './evidence';

/** How long an edge lasts from as keen as asked until it is tired, with one finish. */
export interface Endurance {
  toolId: string;
  zoneId: string;
  unit: WorkUnit | 'days';
  /** The one task that it is told for; null for all work. */
  taskId: string | null;
  /** Null where no stone is in the log before that work. */
  finish: FinishName | null;
  /** ° per side, whole; of a task alone. */
  angleDeg: number | null;
  untilTired: number;
  spells: number;
  /** Whether in none of them the edge got rounder: then it is at least so much. */
  isAtLeast: boolean;
}

/** Fewer spells of one task than this say nothing. */
const FEWEST_OF_TASK = 2;

/** Amount of work until tired, by edge, unit, task and finish: dulling goes on evenly with work. */
export function learnEndurance(evidence: readonly LastingEvidence[]): Endurance[] {
  return [...group(evidence, keyOf).values()]
    .filter((own) => own[0]!.taskId === null || own.length >= FEWEST_OF_TASK)
    .map((own) => {
      const { toolId, zoneId, unit, taskId, targetUm } = own[0]!;
      const amount = sum(own, (each) => each.amount);
      const dulledUm = sum(own, ({ startUm, endUm }) => Math.max(0, endUm - startUm));
      // A task is told from as keen as asked, a finish from what it left.
      const fromUm = taskId === null ? mean(own, ({ startUm }) => startUm)! : targetUm;
      const roomUm = WORKS_UP_TO * targetUm - fromUm;
      return {
        toolId,
        zoneId,
        unit,
        taskId,
        finish: finishOf(own[0]!),
        angleDeg: angleOf(own[0]!),
        untilTired: dulledUm > 0 ? (amount * roomUm) / dulledUm : amount,
        spells: own.length,
        isAtLeast: dulledUm <= 0,
      };
    });
}

function keyOf(each: LastingEvidence): string {
  const { toolId, zoneId, unit, taskId } = each;
  return JSON.stringify([toolId, zoneId, unit, taskId, finishOf(each), angleOf(each)]);
}

function finishOf({ finish }: LastingEvidence): FinishName | null {
  return finish && finishName(finish.sizeUm);
}

function angleOf({ finish, taskId }: LastingEvidence): number | null {
  return finish && taskId !== null ? Math.round(finish.angleDeg) : null;
}
