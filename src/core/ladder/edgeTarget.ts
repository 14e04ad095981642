import type { Session } from '../../domain/session';
import { tasksOf } from '../../domain/tasks';
import type { Tool, Zone } from '../../domain/tool';
import { sizeForFinishUm } from '../sharpness';
import { practiceOf } from './practice';
import type { EdgeTarget } from './types';
import { PRIORS } from '../priors';

/**
 * What a zone is sharpened to: the radius of its work or test, and the size of its last stone by the
 * finest of its tasks (by the radius where only a test is known), as its keeper and the place have it.
 */
export function edgeTarget(
  tool: Pick<Tool, 'schools' | 'kind'>,
  zone: Pick<Zone, 'work' | 'targetApexUm'>,
  where: Session['where'],
): Required<EdgeTarget> {
  const { work, targetApexUm: apexRadiusUm } = zone;
  const sizeUm =
    work.length > 0
      ? Math.min(...tasksOf(work).map(({ finishSizeUm }) => finishSizeUm))
      : sizeForFinishUm({ apexRadiusUm });
  const { finishShare } = practiceOf(tool.schools, tool.kind);
  return {
    apexRadiusUm,
    finishSizeUm: sizeUm * finishShare * (where === 'field' ? PRIORS.fieldFinishShare.value : 1),
  };
}
