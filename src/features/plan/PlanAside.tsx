'use client';

import { bevelDrift, type JobPlan } from '../../core';
import type { Job } from '../../domain/terms';
import { plural } from '../../ui/format';
import { HoldDrawing } from '../../ui/section/HoldDrawing';
import { SectionDrawing } from '../../ui/section/SectionDrawing';
import { STOP_USE } from '../../ui/words/stopWords';
import type { LoggedNeed } from './loggedNeed';

/** Beside the steps: how each angle is held, and the section as it is and as planned. */
export function PlanAside(props: {
  need: LoggedNeed;
  job: Job;
  plan: JobPlan;
  coinThicknessMm: number;
}) {
  const { need, job, plan, coinThicknessMm } = props;
  const { tool, zone } = need;
  const holds = [...new Set(plan.steps.map(({ angleDeg }) => angleDeg))];
  return (
    <div className="mt-6 grid content-start gap-x-12 gap-y-4 md:grid-cols-2">
      {(job === 'thin' || job === 'angle') && <Thinned need={need} job={job} plan={plan} />}
      {job !== 'spine' &&
        holds.map((angleDeg) => (
          <div key={angleDeg}>
            {holds.length > 1 && <h3>{stepsHeldAt(plan, angleDeg)}</h3>}
            <HoldDrawing
              tool={tool}
              zone={plan.zoneAfter ?? zone}
              angleDeg={angleDeg}
              coinThicknessMm={coinThicknessMm}
            />
          </div>
        ))}
      <p className="text-[0.95rem]">{STOP_USE}</p>
    </div>
  );
}

function stepsHeldAt({ steps }: JobPlan, angleDeg: number): string {
  const numbers = steps.flatMap((step, i) => (step.angleDeg === angleDeg ? [i + 1] : []));
  const [first, last] = [numbers[0]!, numbers.at(-1)!];
  return first === last ? `Step ${first}` : `Steps ${first} to ${last}`;
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
