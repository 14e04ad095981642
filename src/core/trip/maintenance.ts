import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { goesAlong } from '../../domain/tripDays';
import type { EdgeNeed } from '../inspection';
import { costAt } from './edgeCosts';
import { rustRisk, type RustRisk } from './rustRisk';
import {
  RUNGS_OUT,
  type EdgeForecast,
  type RungOut,
  type Spread,
  type TripForecast,
  type TripProblem,
} from './types';

/** Work is named in a list from this chance on. */
export const NAMED_FROM = 0.3;

/** Work is listed from this chance on, and drawn full from a half. */
const LISTED_FROM = 0.1;

/** To test an edge takes so long (min). */
export const TEST_MINUTES = 1;

/** Whether an edge waits for its first test: until then there is nothing to plan. */
export function isUntested({ state, beyond }: Pick<EdgeNeed, 'state' | 'beyond'>): boolean {
  return state.word === 'unknown' && beyond === null;
}

/** Work on one edge before leaving, or its first test. */
export interface HomeLine {
  need: EdgeNeed;
  minutes: number;
}

/** Work on one edge out there, as likely as this. */
export interface OutLine {
  edgeId: string;
  toolId: string;
  zoneId: string;
  rung: RungOut;
  chance: number;
  /** When it comes, that is. */
  minutes: number;
}

export interface OutDay {
  day: number;
  midJob: OutLine[];
  evening: OutLine[];
  midJobMinutes: Spread;
  eveningMinutes: Spread;
  waterMl: Spread;
  /** How much the middle evening is over what was set; 0 where it fits. */
  overMinutes: number;
  /** Edges to leave when it is over: those that have no work on the next day. */
  leave: string[];
}

interface BackLine {
  toolId: string;
  zoneId: string;
  edgeId: string;
  rung: RungOut;
  minutes: number;
}

export interface MaintenancePlan {
  home: HomeLine[];
  /** Edges that nothing owned works. */
  outOfReach: EdgeNeed[];
  /** Tools of the trip that cannot be used, and those that a smith must see. */
  unusable: EdgeNeed[];
  out: OutDay[];
  back: BackLine[];
  rust: { toolId: string; risk: RustRisk }[];
}

/**
 * What to do before leaving, by the tools' present state: first tests, then work in an order that shares
 * stones; on each day in mid-job and in the evening; and on return.
 */
export function maintenancePlan(input: {
  trip: Trip;
  tools: readonly Tool[];
  needs: readonly EdgeNeed[];
  problem: TripProblem;
  forecast: TripForecast;
}): MaintenancePlan {
  const { trip, tools, needs, problem, forecast } = input;
  const own = needs.filter(({ tool }) => goesAlong(trip, tool.id));
  const coarsest = ({ plan }: EdgeNeed): number => plan?.steps[0]?.abrasive.sizeUm ?? 0;
  return {
    home: [
      ...own.filter(isUntested).map((need) => ({ need, minutes: TEST_MINUTES })),
      ...own
        .filter(({ plan }) => plan?.outcome === 'planned')
        .sort((a, b) => coarsest(b) - coarsest(a))
        .map((need) => ({ need, minutes: need.plan!.minutes })),
    ],
    outOfReach: own.filter(({ plan }) => plan?.outcome === 'out of reach'),
    unusable: own.filter(({ beyond, plan }) => beyond !== null && plan?.outcome !== 'planned'),
    out: Array.from({ length: trip.days }, (_, day) => outDay(day, trip, problem, forecast)),
    back: forecast.edges.flatMap((edge) => backLine(edge, problem)),
    rust: tools
      .filter(({ id }) => goesAlong(trip, id))
      .map((tool) => ({ toolId: tool.id, risk: rustRisk(tool, trip.climate) })),
  };
}

function outDay(
  day: number,
  trip: Trip,
  problem: TripProblem,
  { edges, eveningMinutes, midJobMinutes, waterMl }: TripForecast,
): OutDay {
  const lines = (when: 'midJob' | 'eveningWork'): OutLine[] =>
    edges.flatMap((edge) =>
      RUNGS_OUT.flatMap((rung): OutLine[] => {
        const own = edge.days[day]!;
        const chance = own[when][rung];
        if (chance < LISTED_FROM) return [];
        const minutesBy = when === 'midJob' ? own.midJobMinutesBy : own.eveningMinutesBy;
        return [
          {
            edgeId: edge.id,
            toolId: edge.toolId,
            zoneId: edge.zoneId,
            rung,
            chance,
            minutes: minutesBy[rung],
          },
        ];
      }),
    );
  const evening = lines('eveningWork');
  const overMinutes = Math.max(0, eveningMinutes[day]!.median - trip.minutesPerEvening);
  const rests = (edgeId: string): boolean =>
    !problem.edges.find(({ id }) => id === edgeId)!.work.some((job) => job.day === day + 1);
  return {
    day,
    midJob: lines('midJob'),
    evening,
    overMinutes,
    midJobMinutes: midJobMinutes[day]!,
    eveningMinutes: eveningMinutes[day]!,
    waterMl: waterMl[day]!,
    leave: overMinutes > 0 ? [...new Set(evening.map(({ edgeId }) => edgeId))].filter(rests) : [],
  };
}

/** What an edge wants on return, from the state that it comes back in. */
function backLine(edge: EdgeForecast, problem: TripProblem): BackLine[] {
  const { eveningCosts, targetUm } = problem.edges.find(({ id }) => id === edge.id)!;
  const last = edge.days.at(-1);
  if (!last || last.overnight.median <= problem.policy.stropAt * targetUm) return [];
  const cost = costAt(eveningCosts, last.overnight.median, 0);
  if (!cost) return [];
  const { toolId, zoneId, id: edgeId } = edge;
  return [{ toolId, zoneId, edgeId, rung: cost.rung, minutes: cost.minutes }];
}
