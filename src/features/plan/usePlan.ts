import { useMemo } from 'react';
import type { EdgeAim } from '../../core/edge';
import { edgeJobOf, planJob, type Bench } from '../../core/inspection';
import { withArcPasses, type EdgeJob, type JobPlan } from '../../core/jobs';
import type { LadderAbrasive, OwnLadder } from '../../core/ladder';
import { useBench, useTester, type Whereabouts } from '../../live';
import type { Observation, Session } from '../../domain/session';
import type { Schools } from '../../domain/schools';
import type { DamageWay, HeldWay, Spot } from '../../domain/terms';
import type { Zone } from '../../domain/tool';
import type { JobAddress } from '../../ui/jobAddress';
import type { LoggedNeed } from './loggedNeed';

/** What a person says of a plan: the edge as seen now, the place, what to do about damage, the stones. */
export interface PlanWishes {
  seen: Observation;
  /** Where it is worked, and for which trip. */
  where: Whereabouts & { spot: Spot };
  /** Work done since the touch-up before, where the person notes it. */
  workSince: Session['workSince'];
  /** What the edge must do this time. */
  asks: Pick<Zone, 'work' | 'targetApexUm'>;
  damageWay: DamageWay | null;
  ownLadder: OwnLadder;
  /** How a thing is held this time, by its id, where it is not as usual. */
  held: Readonly<Record<string, HeldWay>>;
  /** Toothy or polished this time; null as the keeper does it. */
  finish: Schools['finish'] | null;
  /** On a convex edge: whether the rest of the arc follows each stone, facet by facet. */
  arcPasses: boolean;
}

export interface PlannedEdge {
  /** The zone with what it must do this time. */
  zone: Zone;
  /** The edge as a job; null where it has to be tested first. */
  edge: EdgeJob | null;
  plan: JobPlan | null;
  /** The same edge at another angle or grind. */
  planAt: (aim: EdgeAim) => JobPlan | null;
  /** The same job with what is at hand elsewhere. */
  planIn: (spot: Spot) => JobPlan | null;
}

/** The plan of a job as the screen has it; undefined while the shelf is read. */
export function usePlan(
  need: LoggedNeed,
  address: JobAddress,
  wishes: PlanWishes,
): PlannedEdge | undefined {
  const { state, sessions, stops } = need;
  const byTester = useTester();
  const { seen: read, where, asks, damageWay, ownLadder, held, arcPasses, finish } = wishes;
  const tool = useMemo(
    () => (finish ? { ...need.tool, schools: { ...need.tool.schools, finish } } : need.tool),
    [need.tool, finish],
  );
  const benchFor = useBench();
  const benchIn = useMemo(() => {
    const asHeld = (things: readonly LadderAbrasive[]): LadderAbrasive[] =>
      things.map((thing) =>
        thing.kind === 'stone' ? { ...thing, held: held[thing.id] ?? null } : thing,
      );
    return (
      benchFor &&
      ((spot: Spot): Bench => {
        const usual = benchFor(tool, { spot, tripId: where.tripId });
        return { ...usual, abrasives: asHeld(usual.abrasives), owned: asHeld(usual.owned) };
      })
    );
  }, [benchFor, tool, where.tripId, held]);
  const bench = useMemo(() => benchIn?.(where.spot), [benchIn, where.spot]);
  return useMemo(() => {
    if (!bench || !benchIn) return undefined;
    const seen = byTester(read);
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
    if (stops.length > 0) {
      return { zone, edge: null, plan: null, planAt: () => null, planIn: () => null };
    }
    const plan = planJob({ ...address, ...problem });
    const { pace } = bench.hand;
    return {
      zone,
      edge: edgeJobOf(problem),
      plan: plan && arcPasses ? withArcPasses(plan, { ...tool, zone, pace }) : plan,
      planAt: (aim) => planJob({ ...problem, job: 'angle', spineWork: null, aim }),
      planIn: (spot) => planJob({ ...address, ...problem, bench: benchIn(spot) }),
    };
  }, [
    bench,
    benchIn,
    need.zone,
    asks,
    tool,
    state,
    sessions,
    stops,
    byTester,
    read,
    damageWay,
    ownLadder,
    arcPasses,
    address,
  ]);
}
