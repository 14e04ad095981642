import { tipReach } from '../edge';
import type { EdgeJob } from '../jobs';
import { workingFace } from '../ladder';
import type { SchoolNote } from './types';

/** Handle lifted at the belly or the wrist kept flat: how far the tip's edge is turned or missed. */
export function tipNote({ tool, zone }: EdgeJob): SchoolNote {
  const { angleDeg } = workingFace(tool, zone);
  const { turnDeg, missedDeg, handleRiseMm } = tipReach({ tool, angleDeg });
  if (turnDeg < 1) return { kind: 'straight to its end' };
  return tool.schools.tip === 'lift the handle'
    ? { kind: 'handle lifted', turnDeg, handleRiseMm }
    : { kind: 'wrist flat', turnDeg, missedDeg };
}
