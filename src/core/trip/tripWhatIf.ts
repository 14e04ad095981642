import { sum } from 'd3-array';
import { remembered } from '../remembered';
import { toolForm } from '../ladder';
import { edgeCosts } from './edgeCosts';
import { edgeRuns } from './edgeRuns';
import { forecastTrip } from './forecastTrip';
import { tripProblem } from './tripProblem';
import type { TripForecast, TripProblem } from './types';

/** Something else to do about a trip. */
export type TripChange =
  | { kind: 'as planned' }
  | { kind: 'keener'; toolId: string }
  | { kind: 'micro-bevel'; toolId: string }
  | { kind: 'one more'; toolId: string }
  | { kind: 'without files' };

/** What comes of a trip in sum; all of it means. */
export interface TripOutcome {
  change: TripChange;
  /** Minutes in the evenings and in mid-job. */
  minutes: number;
  /** Hours of work below what the work needs. */
  belowHours: number;
  /** Days on which some edge chips. */
  chips: number;
}

/** Leaving home so much keener than asked. */
const KEENER_SHARE = 0.7;
/** A micro-bevel stands so much steeper than its bevel. */
const STEEPER_DEG = 3;
const MICRO_FACE_MM = 0.3;

/**
 * The same trip done otherwise, each beside the plan and over the same chances: what can be done about one
 * tool, about every set of knives alike, and without files.
 */
export function tripWhatIf(
  input: Parameters<typeof tripProblem>[0],
  toolId: string,
): TripOutcome[] {
  const plan = tripProblem(input);
  // Most edges are the same in every way.
  const runsOf = remembered(edgeRuns, 2 * plan.edges.length + 1);
  const outcome = (change: TripChange, problem: TripProblem): TripOutcome => ({
    change,
    ...summed(forecastTrip(problem, runsOf)),
  });
  const worked = plan.edges.filter(({ work }) => work.length > 0);
  const going = input.zones.filter(({ tool, zone }) =>
    worked.some((edge) => edge.toolId === tool.id && edge.zoneId === zone.id),
  );
  const own = going.filter(({ tool }) => tool.id === toolId);
  const more = going
    .filter(({ tool }) => tool.count > 1 || (tool.id === toolId && toolForm(tool.kind) === 'knife'))
    .map(({ tool }) => tool.id);
  const steeper = withMicroBevel(input.zones, toolId);
  return [
    outcome({ kind: 'as planned' }, plan),
    ...(own.length > 0 ? [outcome({ kind: 'keener', toolId }, keener(plan, toolId))] : []),
    ...(own.some(({ zone }) => zone.microBevel === null)
      ? [outcome({ kind: 'micro-bevel', toolId }, tripProblem({ ...input, zones: steeper }))]
      : []),
    ...[...new Set(more)].map((id) => outcome({ kind: 'one more', toolId: id }, oneMore(plan, id))),
    outcome({ kind: 'without files' }, tripProblem({ ...input, costsOf: withoutFiles(input) })),
  ];
}

function summed({ minutes, edges }: TripForecast): Omit<TripOutcome, 'change'> {
  const days = edges.flatMap((edge) => edge.days);
  return {
    minutes: minutes.mean,
    belowHours: sum(days, ({ belowHours }) => belowHours.mean),
    chips: sum(days, ({ chipChance }) => chipChance),
  };
}

function keener(problem: TripProblem, toolId: string): TripProblem {
  return {
    ...problem,
    edges: problem.edges.map((edge) =>
      edge.toolId === toolId ? { ...edge, startUm: KEENER_SHARE * edge.startUm } : edge,
    ),
  };
}

function oneMore(problem: TripProblem, toolId: string): TripProblem {
  return {
    ...problem,
    edges: problem.edges.map((edge) =>
      edge.toolId === toolId ? { ...edge, copies: edge.copies + 1 } : edge,
    ),
  };
}

function withMicroBevel(zones: Parameters<typeof tripProblem>[0]['zones'], toolId: string) {
  return zones.map((own) => {
    if (own.tool.id !== toolId || own.zone.microBevel !== null) return own;
    const angleDeg = own.zone.bevelAngleDeg + STEEPER_DEG;
    const microBevel = { angleDeg, faceWidthMm: MICRO_FACE_MM };
    return { ...own, zone: { ...own.zone, microBevel } };
  });
}

function withoutFiles({
  costsOf = edgeCosts,
}: Parameters<typeof tripProblem>[0]): typeof edgeCosts {
  return (asked) =>
    costsOf({
      ...asked,
      abrasives: asked.abrasives.filter(
        (abrasive) => abrasive.kind === 'strop' || abrasive.form !== 'file',
      ),
    });
}
