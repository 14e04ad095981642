'use client';

import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import {
  nextInSitting,
  startSession,
  toolForm,
  triage,
  type EdgeJob,
  type JobPlan,
  type LadderStep,
} from '../../core';
import type { Observation } from '../../domain/session';
import { useStore, tripIdAt } from '../../live';
import type { JobAddress } from '../../ui/jobAddress';
import { stepWords } from '../../ui/words/stepWords';
import type { LoggedNeed } from './loggedNeed';
import type { PlanWishes } from './usePlan';
import type { OtherEdge } from './useSitting';

const NOTHING_SEEN: Observation = { tests: [], findings: [] };

/** Starts the guide on a plan, with other edges of the tool that come along: sessions keep it as it was
 * seen. */
export function useStart(
  { tool, zone }: LoggedNeed,
  { job }: JobAddress,
  { seen, where, workSince }: PlanWishes,
) {
  const store = useStore();
  const router = useRouter();
  const isAxe = toolForm(tool.kind) === 'axe';
  const common = { toolId: tool.id, where, wordsOf: (step: LadderStep) => stepWords(step, isAxe) };
  return async (
    plan: JobPlan,
    edge: EdgeJob | null,
    others: readonly OtherEdge[],
  ): Promise<void> => {
    const at = new Date().toISOString();
    const ids = [plan, ...others].map(() => nanoid());
    const tripId = await tripIdAt(store, tool.id, at);
    const shared = { ...common, at, tripId, sitting: ids.length > 1 ? ids : [] };
    const own = startSession({
      ...shared,
      id: ids[0]!,
      zoneId: zone.id,
      job,
      workSince,
      before: job === 'spine' ? NOTHING_SEEN : seen,
      targetApexUm: edge?.zone.targetApexUm ?? null,
      damageWay: edge && job === 'touch-up' ? triage(edge).way : null,
      plan,
    });
    const further = others.map(({ need, edge: otherEdge, plan: otherPlan }, i) =>
      startSession({
        ...shared,
        id: ids[i + 1]!,
        zoneId: need.zone.id,
        job: 'touch-up',
        before: { tests: [...need.state.tests], findings: [...need.state.findings] },
        targetApexUm: need.zone.targetApexUm,
        damageWay: triage(otherEdge).way,
        plan: otherPlan,
      }),
    );
    const sessions = [own, ...further];
    await store.whole.putTogether(
      sessions.map((record) => ({ store: 'sessions' as const, record })),
    );
    router.push(`/touch-up/guide?session=${nextInSitting(sessions, own.id) ?? own.id}`);
  };
}
