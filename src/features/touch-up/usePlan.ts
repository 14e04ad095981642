import { useMemo } from 'react';
import { edgeJobOf, planJob, type EdgeJob, type JobPlan, type OwnLadder } from '../../core';
import { useBench } from '../../live';
import type { Observation, Session } from '../../domain/session';
import type { DamageWay } from '../../domain/terms';
import type { Zone } from '../../domain/tool';
import type { JobAddress } from '../../ui/jobAddress';
import type { LoggedNeed } from './loggedNeed';

/** What a person says of a plan: the edge as seen now, the place, what to do about damage, the stones. */
export interface PlanWishes {
  seen: Observation;
  where: Session['where'];
  /** What the edge must do this time. */
  asks: Pick<Zone, 'work' | 'targetApexUm'>;
  damageWay: DamageWay | null;
  ownLadder: OwnLadder;
}

export interface PlannedEdge {
  /** The zone with what it must do this time. */
  zone: Zone;
  /** The edge as a job; null where it has to be tested first. */
  edge: EdgeJob | null;
  plan: JobPlan | null;
}

/** The plan of a job as the screen has it; undefined while the shelf is read. */
export function usePlan(
  need: LoggedNeed,
  address: JobAddress,
  wishes: PlanWishes,
): PlannedEdge | undefined {
  const { tool, state, sessions, stops } = need;
  const { seen, where, asks, damageWay, ownLadder } = wishes;
  const benchFor = useBench();
  const bench = useMemo(() => benchFor?.(tool, where), [benchFor, tool, where]);
  return useMemo(() => {
    if (!bench) return undefined;
    const zone = { ...need.zone, ...asks };
    const problem = {
      tool,
      zone,
      seen,
      knownApexUm: null,
      keenRadiusUm: state.keenUm,
      sessions,
      bench,
      damageWay,
      ownLadder,
    };
    if (stops.length > 0) return { zone, edge: null, plan: null };
    return {
      zone,
      edge: edgeJobOf(problem),
      plan: planJob({ ...address, ...problem }),
    };
  }, [bench, need.zone, asks, tool, state, sessions, stops, seen, damageWay, ownLadder, address]);
}
