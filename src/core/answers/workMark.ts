import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import { stoneClass } from '../abrasive';

/** What was done in one session, by its heaviest rung: one mark each, in every drawing of the log. */
export const WORK_MARKS = [
  'tested',
  'strop',
  'hone',
  'fine',
  'medium',
  'coarse',
  'file',
  'thinned',
  'hook',
] as const;
export type WorkMark = (typeof WORK_MARKS)[number];

/** The mark of a session; looks without work are marked as tested. */
export function workMark({ job, steps }: Pick<LoggedSession, 'job' | 'steps'>): WorkMark {
  if (job === 'spine') return 'hook';
  if (job === 'thin' || job === 'angle') return 'thinned';
  const stones = steps.filter((step) => step.kind === 'stone' && isWorked(step));
  if (stones.some(({ form }) => form === 'file')) return 'file';
  const cutting = stones.filter(({ form, task }) => !isSteel(form, task));
  if (cutting.length > 0) {
    return stoneClass(Math.max(...cutting.map(({ sizeUm }) => sizeUm)));
  }
  if (stones.length > 0) return 'hone';
  return steps.some(isWorked) ? 'strop' : 'tested';
}

/** A smooth steel lays an edge straight and takes nothing off. */
function isSteel(form: LoggedSession['steps'][number]['form'], task: string): boolean {
  return task === 'lay a turned edge straight' || form === 'steel';
}
