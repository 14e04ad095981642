'use client';

import { useMemo } from 'react';
import { asksForWork, edgeJobOf, planJob, type EdgeNeed } from '../../core/inspection';
import type { EdgeJob, JobPlan } from '../../core/jobs';
import { useBench, useLogsOf, useTester, useUnderWayAll } from '../../live';
import { handleId } from '../../domain/sharedHandle';
import type { Tool, Zone } from '../../domain/tool';

import type { PlanWishes } from './usePlan';

/** Another edge that could be worked in the same sitting. */
export interface OtherEdge {
  key: string;
  need: EdgeNeed;
  edge: EdgeJob;
  plan: JobPlan;
}

/** The edges that are taken along, in the order that they were put in. */
export function inTurn(others: readonly OtherEdge[], taken: readonly string[]): OtherEdge[] {
  return taken.flatMap((key) => others.find((other) => other.key === key) ?? []);
}

/** So many other edges are offered: those of the same tool first, then by their need. */
const MOST_OFFERED = 8;

/** The edges that may come along: the tool's others, then those that ask for work on the same handle and elsewhere. */
function candidates(needs: readonly EdgeNeed[], tool: Tool, zone: Zone): EdgeNeed[] {
  const isSameTool = (need: EdgeNeed): boolean => need.tool.id === tool.id;
  const others = needs.filter((need) => !(isSameTool(need) && need.zone.id === zone.id));
  const wanting = others.filter(
    (need) => !isSameTool(need) && asksForWork(need) && need.job === 'touch-up',
  );
  const isOnHandle = (need: EdgeNeed): boolean => handleId(need.tool) === handleId(tool);
  return [
    ...others.filter(isSameTool),
    ...wanting.filter(isOnHandle),
    ...wanting.filter((need) => !isOnHandle(need)),
  ].filter(({ stops }) => stops.length === 0);
}

/** Other edges that want work, each planned with what is at hand here. */
export function useOtherEdges(
  needs: readonly EdgeNeed[],
  { tool, zone }: { tool: Tool; zone: Zone },
  { where }: Pick<PlanWishes, 'where'>,
): OtherEdge[] {
  const benchFor = useBench();
  const byTester = useTester();
  const underWay = useUnderWayAll();
  const others = useMemo(
    () =>
      candidates(needs, tool, zone)
        .filter(
          (need) =>
            !underWay.some(
              ({ toolId, zoneId }) => toolId === need.tool.id && zoneId === need.zone.id,
            ),
        )
        .slice(0, MOST_OFFERED),
    [needs, tool, zone, underWay],
  );
  const logs = useLogsOf(others.map((need) => need.tool.id));
  return useMemo(() => {
    if (!benchFor || !logs) return [];
    return others.flatMap((need): OtherEdge[] => {
      const { state } = need;
      const problem = {
        tool: need.tool,
        zone: need.zone,
        seen: byTester({ tests: [...state.tests], findings: [...state.findings] }),
        knownApexUm: null,
        keenRadiusUm: state.keenUm,
        sessions: logs.get(need.tool.id) ?? [],
        bench: benchFor(need.tool, where),
        damageWay: null,
      };
      const edge = edgeJobOf(problem);
      const plan = planJob({ job: 'touch-up', spineWork: null, aim: null, ...problem });
      const key = `${need.tool.id}/${need.zone.id}`;
      return edge && plan?.outcome === 'planned' ? [{ key, need, edge, plan }] : [];
    });
  }, [others, benchFor, byTester, logs, where]);
}
