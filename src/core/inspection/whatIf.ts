import type { Schools } from '../../domain/schools';
import type { DamageWay } from '../../domain/terms';
import type { EdgeJob, JobPlan } from '../jobs';
import { NO_WISHES, openDamageWays, workingFace } from '../ladder';
import { PRIORS } from '../priors';
import { planTouchUp } from './planTouchUp';
import { triage } from './triage';

/** Another way to do the same touch-up. */
export type OtherWay =
  | { kind: 'finish'; finish: Schools['finish'] }
  | { kind: 'one stone'; sequence: string[] }
  | { kind: 'stop earlier'; sequence: string[] }
  | { kind: 'damage'; way: DamageWay };

export interface WhatIf {
  way: OtherWay;
  plan: JobPlan;
}

/**
 * The same edge done otherwise, each planned: toothy or polished, without the finest stone, with one
 * stone and the strop of the plan, and the other ways with its damage. Nothing that cannot be walked is among them.
 */
export function whatIf(edge: EdgeJob, present: JobPlan): WhatIf[] {
  return [
    ...finishes(edge, present),
    ...stopEarlier(edge, present),
    ...oneStone(edge, present),
    ...damages(edge),
  ].filter(({ plan }) => plan.outcome === 'planned' && !plan.wishesFailed);
}

/** Another finish, where it is one: on other stones, and none that takes half an hour. */
function finishes(edge: EdgeJob, present: JobPlan): WhatIf[] {
  const { tool } = edge;
  const stonesOf = ({ steps }: JobPlan): string => steps.map(({ abrasive }) => abrasive.id).join();
  return (['toothy', 'by task', 'polished'] as const)
    .filter((finish) => finish !== tool.schools.finish)
    .map((finish): WhatIf => ({
      way: { kind: 'finish', finish },
      plan: planTouchUp({ ...edge, tool: { ...tool, schools: { ...tool.schools, finish } } }),
    }))
    .filter(
      ({ plan }) =>
        plan.minutes <= PRIORS.benchMinutes.value && stonesOf(plan) !== stonesOf(present),
    );
}

/** In less time: without the finest stone of three or more; two without one are one stone. */
function stopEarlier(edge: EdgeJob, { steps }: JobPlan): WhatIf[] {
  const ids = [...new Set(steps.map(({ abrasive }) => abrasive.id))];
  const stones = ids.filter((id) =>
    steps.some(({ abrasive }) => abrasive.id === id && abrasive.kind === 'stone'),
  );
  if (stones.length < 3) return [];
  const sequence = ids.filter((id) => id !== stones.at(-1));
  const plan = planTouchUp({ ...edge, ownLadder: { ...NO_WISHES, sequence } });
  return [{ way: { kind: 'stop earlier', sequence }, plan }];
}

/** One stone, and the strop where the plan closes with one: the quickest of those that get there. */
function oneStone(edge: EdgeJob, { steps, firstStones }: JobPlan): WhatIf[] {
  const strops = steps.filter(({ abrasive }) => abrasive.kind === 'strop');
  if (steps.length - strops.length < 2) return [];
  const strop = strops.map(({ abrasive }) => abrasive.id);
  const plans = firstStones.map(({ id }): WhatIf => {
    const sequence = [id, ...strop];
    const plan = planTouchUp({ ...edge, ownLadder: { ...NO_WISHES, sequence } });
    return { way: { kind: 'one stone', sequence }, plan };
  });
  const walked = plans.filter(({ plan }) => plan.outcome === 'planned' && !plan.wishesFailed);
  const done = walked.filter(({ plan }) => !plan.shortOf.apex && !plan.shortOf.finish);
  const best = (list: WhatIf[], by: (way: WhatIf) => number): WhatIf[] =>
    list.length === 0 ? [] : [list.reduce((a, b) => (by(b) < by(a) ? b : a))];
  return done.length > 0
    ? best(done, ({ plan }) => plan.minutes)
    : best(walked, ({ plan }) => plan.apexRadiusUm);
}

function damages(edge: EdgeJob): WhatIf[] {
  if (edge.damageDepthMm === 0) return [];
  const chosen = triage(edge).way;
  return openDamageWays(workingFace(edge.tool, edge.zone))
    .filter((way) => way !== chosen)
    .map((way) => ({
      way: { kind: 'damage', way },
      plan: planTouchUp({ ...edge, damageWay: way }),
    }));
}
