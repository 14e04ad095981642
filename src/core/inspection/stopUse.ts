import { compareDesc } from 'date-fns';
import type { Inspection, ToolChecks } from '../../domain/session';

export type StopReason = 'handle cracked' | 'head loose' | 'blade cracked';

/** Why a tool must not be used or sharpened; nothing else is looked at while there is one. */
export function stopReasons(checks: ToolChecks): StopReason[] {
  const found: StopReason[] = [];
  if (checks.handle === 'cracked') found.push('handle cracked');
  if (checks.head === 'loose') found.push('head loose');
  if (checks.blade === 'cracked') found.push('blade cracked');
  return found;
}

/**
 * The newest answer to each check of a tool, from the looks at it and at the other blades of its handle:
 * the handle that they share is as sound as the last look at any of them found it.
 */
export function checksOf(toolId: string, looksAtHandle: readonly Inspection[]): ToolChecks {
  const own = latestChecks(looksAtHandle.filter((look) => look.toolId === toolId));
  return { ...own, handle: latestChecks(looksAtHandle).handle };
}

/** The newest answer to each check over some looks. */
function latestChecks(inspections: readonly Inspection[]): ToolChecks {
  const newestFirst = [...inspections].sort((a, b) => compareDesc(a.at, b.at));
  const latest = <K extends keyof ToolChecks>(key: K): ToolChecks[K] =>
    (newestFirst.find(({ checks }) => checks[key] !== null)?.checks[key] ?? null) as ToolChecks[K];
  return {
    head: latest('head'),
    handle: latest('handle'),
    blade: latest('blade'),
    straightness: latest('straightness'),
    temper: latest('temper'),
  };
}
