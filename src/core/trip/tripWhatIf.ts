import { edgeCosts } from './edgeCosts';
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

/** The same trip done otherwise, each beside the plan and over the same chances. */
export function tripWhatIf(input: Parameters<typeof tripProblem>[0]): TripOutcome[] {
  const plan = tripProblem(input);
  const outcome = (change: TripChange, problem: TripProblem): TripOutcome => ({
    change,
    ...summed(forecastTrip(problem)),
  });
  const workOf = ({ work }: TripProblem['edges'][number]): number =>
    work.reduce((sum, { hours }) => sum + hours, 0);
  const busiest = [...plan.edges].sort((a, b) => workOf(b) - workOf(a))[0];
  const sets = input.zones.filter(
    ({ tool }) => tool.count > 1 && plan.edges.some(({ toolId }) => toolId === tool.id),
  );
  const zeroGround = input.zones.find(
    ({ tool, zone }) =>
      zone.grind === 'scandi' &&
      zone.microBevel === null &&
      plan.edges.some((edge) => edge.toolId === tool.id && edge.work.length > 0),
  );
  return [
    outcome({ kind: 'as planned' }, plan),
    ...(busiest
      ? [outcome({ kind: 'keener', toolId: busiest.toolId }, keener(plan, busiest.toolId))]
      : []),
    ...sets.map(({ tool }) =>
      outcome({ kind: 'one more', toolId: tool.id }, oneMore(plan, tool.id)),
    ),
    ...(zeroGround
      ? [
          outcome(
            { kind: 'micro-bevel', toolId: zeroGround.tool.id },
            tripProblem({ ...input, zones: withMicroBevel(input.zones, zeroGround.tool.id) }),
          ),
        ]
      : []),
    outcome({ kind: 'without files' }, tripProblem({ ...input, costsOf: withoutFiles(input) })),
  ];
}

function summed({ minutes, edges }: TripForecast): Omit<TripOutcome, 'change'> {
  const days = edges.flatMap((edge) => edge.days);
  return {
    minutes: minutes.mean,
    belowHours: days.reduce((sum, { belowHours }) => sum + belowHours.mean, 0),
    chips: days.reduce((sum, { chipChance }) => sum + chipChance, 0),
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
    if (own.tool.id !== toolId || own.zone.grind !== 'scandi') return own;
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
