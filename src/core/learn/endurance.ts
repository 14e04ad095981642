import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { WorkUnit } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { estimateApex, finishName, testReading, WORKS_UP_TO, type FinishName } from '../sharpness';

/** How long a finish lasted on one tool until its edge was tired. */
export interface Endurance {
  finish: FinishName;
  unit: WorkUnit | 'days';
  /** The mean over the stretches of work that were seen. */
  untilTired: number;
  stretches: number;
  /** Whether in some of them the edge did not get rounder at all: then it is at least so much. */
  isAtLeast: boolean;
}

const DAY_MS = 24 * 3600 * 1000;

/**
 * Work until tired by finish, from each touch-up of a tool to the next one of the same edge: dulling
 * goes on evenly with work, so that amount · (tired − after) / (next before − after) is left. Counted in
 * the person's own unit where they noted it, and in days.
 */
export function enduranceOf(tool: Tool, sessions: readonly LoggedSession[]): Endurance[] {
  const found = new Map<
    string,
    { finish: FinishName; unit: Endurance['unit']; amounts: number[]; isAtLeast: boolean }
  >();
  for (const zone of tool.zones) {
    const own = sessions
      .filter((s) => s.toolId === tool.id && s.zoneId === zone.id && s.job === 'touch-up')
      .filter(({ finishedAt }) => finishedAt !== null)
      .sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1));
    let sizeUm: number | null = null;
    own.forEach((session, i) => {
      const next = own[i + 1];
      // A strop alone keeps the finish of the last stone.
      sizeUm =
        session.steps.findLast((step) => step.kind === 'stone' && isWorked(step))?.sizeUm ?? sizeUm;
      if (!next || sizeUm === null) return;
      const afterUm = bluntest(session.after.tests);
      const nextUm = bluntest(next.before.tests);
      const tiredUm = WORKS_UP_TO * zone.targetApexUm;
      if (afterUm === null || nextUm === null || afterUm >= tiredUm) return;
      const days = (Date.parse(next.startedAt) - Date.parse(session.finishedAt!)) / DAY_MS;
      const amounts: [Endurance['unit'], number][] = [
        ['days', days],
        ...(next.workSince ? [[next.workSince.unit, next.workSince.amount] as const] : []),
      ].map(([unit, amount]) => [unit as Endurance['unit'], amount as number]);
      const lasts = nextUm > afterUm ? (tiredUm - afterUm) / (nextUm - afterUm) : 1;
      for (const [unit, amount] of amounts) {
        const finish = finishName(sizeUm);
        const key = `${finish} ${unit}`;
        const line = found.get(key) ?? { finish, unit, amounts: [], isAtLeast: false };
        line.amounts.push(amount * lasts);
        line.isAtLeast ||= nextUm <= afterUm;
        found.set(key, line);
      }
    });
  }
  return [...found.values()].map(({ finish, unit, amounts, isAtLeast }) => ({
    ...{ finish, unit, isAtLeast },
    untilTired: amounts.reduce((sum, amount) => sum + amount, 0) / amounts.length,
    stretches: amounts.length,
  }));
}

/** The bluntest reading of a look; null where nothing was tested. */
function bluntest(tests: LoggedSession['after']['tests']): number | null {
  if (tests.length === 0) return null;
  return Math.max(
    ...tests.map((test) => estimateApex({ tests: [testReading(test)] }).apexRadiusUm),
  );
}
