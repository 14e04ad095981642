'use client';

import { guideLink } from '../../ui/links';
import { planWords as say } from './words/planWords';
import { compareDesc } from 'date-fns';
import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import { triage } from '../../core/inspection';
import type { EdgeJob, JobPlan } from '../../core/jobs';
import { toolForm, type LadderStep } from '../../core/ladder';
import { startSession } from '../../core/touchUp';
import type { Tool } from '../../domain/tool';
import type { Observation } from '../../domain/session';
import type { LoggedSession } from '../../domain/loggedSession';
import { newOne, useSettings, useStore, tripIdAt, type Store } from '../../live';
import type { JobAddress } from '../../ui/jobAddress';
import { whereOf } from '../../domain/spots';
import { stepWords } from '../../ui/words/stepWords';
import { notice } from '../../ui/notice';
import { underWayOn } from '../../ui/words/underWay';
import type { LoggedNeed } from './loggedNeed';
import type { PlanWishes } from './usePlan';
import type { OtherEdge } from './useSitting';
import { stampNow } from '../../domain/clock';

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
  const person = useSettings()?.person ?? null;
  const common = (own: Tool) => ({
    toolId: own.id,
    where: whereOf(where.spot),
    spot: where.spot,
    person,
    byFeel: own.schools.counting === 'by feel',
    wordsOf: (step: LadderStep) => stepWords(step, toolForm(own.kind) === 'axe'),
  });
  return async (
    plan: JobPlan,
    edge: EdgeJob | null,
    others: readonly OtherEdge[],
  ): Promise<void> => {
    // One edge, one session: what another tab has begun is gone on with.
    const begun = underWayOn(await openSessions(store, tool.id), { zoneId: zone.id, job });
    if (begun) {
      router.push(guideLink(begun.id));
      void notice(say.itIsUnderWayAlready);
      return;
    }
    const at = stampNow();
    const ids = [plan, ...others].map(() => nanoid());
    const tripId = await tripIdAt(store, tool.id, at);
    const shared = { at, tripId, sitting: ids.length > 1 ? ids : [] };
    const own = startSession({
      ...common(tool),
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
        ...common(need.tool),
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
    await store.whole.make(sessions.map((record) => newOne('sessions', record)));
    // The stretch that was chosen is the one that opens.
    router.push(guideLink(own.id));
  };
}

/** What is begun on a tool and not finished, newest first, as it is stored now. */
async function openSessions(store: Store, toolId: string): Promise<LoggedSession[]> {
  const sessions = await store.log.sessionsOf(toolId);
  return sessions
    .filter(({ finishedAt }) => finishedAt === null)
    .sort((a, b) => compareDesc(a.startedAt, b.startedAt));
}
