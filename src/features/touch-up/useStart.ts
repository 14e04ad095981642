'use client';

import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import { damageWayOf, startSession, toolForm, type EdgeJob, type JobPlan } from '../../core';
import type { Observation } from '../../domain/session';
import { useStore } from '../../live';
import type { JobAddress } from '../../ui/jobAddress';
import { stepWords } from '../../ui/words/stepWords';
import type { LoggedNeed } from './loggedNeed';
import type { PlanWishes } from './usePlan';

const NOTHING_SEEN: Observation = { tests: [], findings: [] };

/** Starts the guide on a plan: the session keeps it as it was seen. */
export function useStart(
  { tool, zone }: LoggedNeed,
  { job }: JobAddress,
  { seen, where }: PlanWishes,
) {
  const store = useStore();
  const router = useRouter();
  const isAxe = toolForm(tool.kind) === 'axe';
  return async (plan: JobPlan, edge: EdgeJob | null): Promise<void> => {
    const session = startSession({
      id: nanoid(),
      at: new Date().toISOString(),
      toolId: tool.id,
      zoneId: zone.id,
      job,
      where,
      before: job === 'spine' ? NOTHING_SEEN : seen,
      targetApexUm: edge?.zone.targetApexUm ?? null,
      damageWay: edge && job === 'touch-up' ? damageWayOf(edge) : null,
      plan,
      wordsOf: (step) => stepWords(step, isAxe),
    });
    await store.sessions.save(session);
    router.push(`/touch-up/guide?session=${session.id}`);
  };
}
