import type { Inspection, ToolChecks } from '../../domain/session';

/** Why a tool must not be used or sharpened; nothing else is looked at while there is one. */
export function stopReasons(checks: ToolChecks): string[] {
  const found: string[] = [];
  if (checks.handle === 'cracked') found.push('the haft or handle is cracked');
  if (checks.head === 'loose') found.push('the head is loose');
  if (checks.blade === 'cracked') found.push('the blade or the eye is cracked');
  return found;
}

/** The newest answer to each check of the whole tool, over all its inspections. */
export function latestChecks(inspections: readonly Inspection[]): ToolChecks {
  const newestFirst = [...inspections].sort((a, b) => (a.at < b.at ? 1 : -1));
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
