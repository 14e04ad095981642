'use client';

import { toolWords as say } from '../../ui/words/screens/tool';
import { faceLimitMm, steelLeft, thickening, workingFace, zoneNow } from '../../core';
import { useToolLog } from '../../live';
import type { Tool, Zone } from '../../domain/tool';
import { mm, yearsAhead, rounded } from '../../ui/format';
import { LabLink } from '../../ui/LabLink';
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
        {say.ofSteelLeftAboveWhat(mm(budget.leftMm), budget.touchUps)}

        {pace.touchUpsPerYear > 0 && `, ${yearsAhead(budget.years)}`}
        {say.eachTakesM(
          rounded(1000 * pace.recessionMm, 0),
          pace.touchUps > 0 ? say.fromOfYourOwn(pace.touchUps) : say.aUsualValueUntilYour,
        )}
      </p>
      <LabLink toolId={tool.id} zoneId={zone.id} question="wear" />
    </section>
  );
}
