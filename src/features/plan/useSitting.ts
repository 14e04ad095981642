'use client';

import { useMemo } from 'react';
import { edgeJobOf, planJob, type EdgeJob, type EdgeNeed, type JobPlan } from '../../core';
import { useBench, useTester, useToolLog } from '../../live';
import type { PlanWishes } from './usePlan';

/** Another edge of the tool that could be worked in the same sitting. */
export interface OtherEdge {
  need: EdgeNeed;
  edge: EdgeJob;
  plan: JobPlan;
}

/** The other edges of a tool that want work, each planned with what is at hand here. */
export function useOtherEdges(
  others: readonly EdgeNeed[],
  { where }: Pick<PlanWishes, 'where'>,
): OtherEdge[] {
  const benchFor = useBench();
  const byTester = useTester();
  const log = useToolLog(others[0]?.tool.id ?? '');
  return useMemo(() => {
    if (!benchFor || !log) return [];
    return others.flatMap((need): OtherEdge[] => {
      const { tool, zone, state, stops } = need;
      if (stops.length > 0) return [];
      const problem = {
        tool,
        zone,
        seen: byTester({ tests: [...state.tests], findings: [...state.findings] }),
        knownApexUm: null,
        keenRadiusUm: state.keenUm,
        sessions: log.sessions,
        bench: benchFor(tool, where),
        damageWay: null,
      };
      const edge = edgeJobOf(problem);
      const plan = planJob({ job: 'touch-up', spineWork: null, aim: null, ...problem });
      return edge && plan?.outcome === 'planned' ? [{ need, edge, plan }] : [];
    });
  }, [others, benchFor, byTester, log, where]);
}
