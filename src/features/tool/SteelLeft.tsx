'use client';

import {
  recessionsSinceMeasured,
  steelBudget,
  steelPace,
  thickening,
  workingFace,
  zoneNow,
} from '../../core';
import { useToolLog } from '../../live';
import type { Tool, Zone } from '../../domain/tool';
import { mm, plural, yearsAhead } from '../../ui/format';
import { GrowthChart, growthTitle } from './GrowthChart';

/** Steel left to sharpen away, and how the worked face widens until it wants thinning. */
export function SteelLeft({ tool, zone }: { tool: Tool; zone: Zone }) {
  const sessions = useToolLog(tool.id)?.sessions ?? [];
  const pace = steelPace(tool, zone, sessions);
  const face = workingFace(tool, zoneNow(tool, zone, sessions));
  const past = recessionsSinceMeasured(tool, zone, sessions).map((r) => r.recessionMm);
  const lostMm = past.reduce((sum, each) => sum + each, 0);
  const budget = steelBudget({
    depthMm: Math.max(0, tool.bladeWidthMm - lostMm),
    reserveMm: tool.reserveMm,
    recessionPerTouchUpMm: pace.recessionMm,
    touchUpsPerYear: pace.touchUpsPerYear,
  });
  const growth = thickening({
    ...face,
    ...pace,
    faceLimitMm: zone.faceLimitMm,
    pastRecessionsMm: past,
  });
  return (
    <section className="mt-8">
      <h2>{growthTitle(growth)}</h2>
      <GrowthChart growth={growth} />
      <p>
        {mm(budget.leftMm)} of steel left above what must remain: about{' '}
        {plural(budget.touchUps, 'touch-up')}
        {pace.touchUpsPerYear > 0 && `, ${yearsAhead(budget.years)}`}. Each takes{' '}
        {(1000 * pace.recessionMm).toFixed(0)} µm,{' '}
        {pace.touchUps > 0
          ? `from ${pace.touchUps} of your own`
          : 'a usual value until your log says'}
        .
      </p>
    </section>
  );
}
