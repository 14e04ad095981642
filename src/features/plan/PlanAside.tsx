'use client';

import { bevelDrift, heldStep, stepHold, type Hold, type JobPlan } from '../../core';
import type { Job } from '../../domain/terms';
import { listed, plural } from '../../ui/format';
import { HoldDrawing } from '../../ui/section/HoldDrawing';
import { SectionDrawing } from '../../ui/section/SectionDrawing';
import { STOP_USE } from '../../ui/words/stopWords';
import type { LoggedNeed } from './loggedNeed';

/** Beside the steps: how each angle is held, and the section as it is and as planned. */
export default function PlanAside(props: {
  need: LoggedNeed;
  job: Job;
  plan: JobPlan;
  coinThicknessMm: number;
}) {
  const { need, job, plan, coinThicknessMm } = props;
  const { tool, zone } = need;
  const held = { tool, zone, coinThicknessMm };
  const holds = holdsOf(plan, held);
  return (
    <div className="mt-6 grid content-start gap-x-12 gap-y-4 md:grid-cols-2">
      {(job === 'thin' || job === 'angle') && <Thinned need={need} job={job} plan={plan} />}
      {holds.map(({ hold, steps }) => (
        <div key={steps.join()}>
          {holds.length > 1 && <h3>{stepsInWords(steps)}</h3>}
          <HoldDrawing {...held} hold={hold} />
        </div>
      ))}
      <p className="text-[0.95rem]">{STOP_USE}</p>
    </div>
  );
}

/** The holds of a plan, each once, with the numbers of the steps that are held so. */
function holdsOf(
  { steps }: JobPlan,
  held: Parameters<typeof stepHold>[1],
): { hold: Hold; steps: number[] }[] {
  const found = new Map<string, { hold: Hold; steps: number[] }>();
  steps.forEach((step, i) => {
    const hold = stepHold(heldStep(step), held);
    if (!hold) return;
    const key = JSON.stringify([hold.angleDeg, hold.thenDeg, hold.guide]);
    const known = found.get(key) ?? { hold, steps: [] };
    known.steps.push(i + 1);
    found.set(key, known);
  });
  return [...found.values()];
}

function stepsInWords(numbers: readonly number[]): string {
  return numbers.length === 1 ? `Step ${numbers[0]}` : `Steps ${listed(numbers.map(String))}`;
}

/** What a new angle or thinning changes: a bevel that has drifted is flat again, any other face is narrower. */
function Thinned({ need, job, plan }: { need: LoggedNeed; job: Job; plan: JobPlan }) {
  const { tool, zone, sessions } = need;
  const { touchUps, lagMm } = bevelDrift(tool, zone, sessions);
  if (job === 'thin' && touchUps > 0) {
    return (
      <p>
        {plural(touchUps, 'touch-up')} since it was last ground flat: the bevel lags{' '}
        {Math.round(1000 * lagMm)} µm behind its apex. The angle stays as it is.
      </p>
    );
  }
  if (!plan.zoneAfter) return null;
  return (
    <section>
      {job === 'thin' && need.thinning === null && (
        <p className="mb-3">
          Not due: the worked face is within its limit. Every thinning takes steel that never comes
          back.
        </p>
      )}
      <h3>As planned; dashed, as it is</h3>
      <SectionDrawing
        tool={tool}
        zone={plan.zoneAfter}
        asItIs={zone}
        apexRadiusUm={plan.apexRadiusUm}
      />
    </section>
  );
}
