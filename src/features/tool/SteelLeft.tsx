'use client';

import { faceLimitMm, steelLeft, thickening, workingFace, zoneNow } from '../../core';
import { useToolLog } from '../../live';
import type { Tool, Zone } from '../../domain/tool';
import { mm, plural, yearsAhead, rounded } from '../../ui/format';
import { GrowthChart, growthTitle } from './GrowthChart';

/** Steel left to sharpen away, and how the worked face widens until it needs thinning. */
export function SteelLeft({ tool, zone }: { tool: Tool; zone: Zone }) {
  const sessions = useToolLog(tool.id)?.sessions ?? [];
  const { pace, pastMm, ...budget } = steelLeft(tool, zone, sessions);
  const face = workingFace(tool, zoneNow(tool, zone, sessions));
  const growth = thickening({
    ...face,
    ...pace,
    faceLimitMm: faceLimitMm(tool, zone),
    pastRecessionsMm: pastMm,
  });
  const title = growthTitle(growth, budget.touchUps);
  return (
    <section className="mt-8">
      <h2>{title}</h2>
      <GrowthChart growth={growth} title={title} />
      <p>
        {mm(budget.leftMm)} of steel left above what must remain: about{' '}
        {plural(budget.touchUps, 'touch-up')}
        {pace.touchUpsPerYear > 0 && `, ${yearsAhead(budget.years)}`}. Each takes{' '}
        {rounded(1000 * pace.recessionMm, 0)} µm,{' '}
        {pace.touchUps > 0
          ? `from ${pace.touchUps} of your own`
          : 'a usual value until your log says'}
        .
      </p>
    </section>
  );
}
