import { labEdge, playedPlan, type EdgeNeed, type LabEdge, type LearnedWobble } from '../../core';
import type { Experiment } from '../../domain/experiment';
import type { PlayedStrokes } from '../../ui/labAddress';

/** What the lab tries where no plan says otherwise. */
const USUAL = { sizeUm: 25, forceN: 8, strokesPerSide: 40, strokeLengthMm: 95 } as const;
/** An edge that was never tested is taken for tired (µm). */
const UNTESTED_UM = 4;

/** A plan's count in whole tens, enough to see something and not so many that nothing can be told apart. */
function tens(strokes: number): number {
  return Math.min(200, Math.max(20, 10 * Math.ceil(strokes / 10)));
}

/** An edge of the rack in the lab. */
export function edgeInLab({ tool, zone, state }: EdgeNeed): LabEdge {
  return labEdge({ tool, zone, apexRadiusUm: state.apex?.apexRadiusUm ?? UNTESTED_UM });
}

/** The stone that ends an edge's plan, in the person's hand; a medium diamond where it asks for none. */
export function usualExperiment(
  need: EdgeNeed,
  edge: LabEdge,
  learned: LearnedWobble | null,
): Experiment {
  const step = need.plan?.steps.findLast(
    ({ abrasive }) => abrasive.kind === 'stone' && abrasive.family !== 'file',
  );
  const stone = step?.abrasive.kind === 'stone' ? step.abrasive : null;
  return {
    hold: {
      angleDeg: edge.apexAngleDeg,
      wobbleDeg: wobbleOf(edge, learned),
      leftSteeperDeg: 0,
      backSteeperDeg: 0,
    },
    forceN: step?.forceN ?? USUAL.forceN,
    strokesPerSide: step ? tens(step.strokesPerSide) : USUAL.strokesPerSide,
    stone: { family: stone?.family ?? 'diamond', sizeUm: stone?.sizeUm ?? USUAL.sizeUm },
    strokeLengthMm: step?.strokeLengthMm ?? USUAL.strokeLengthMm,
  };
}

/** The wobble that practice has taught, freehand; else what is usual for how the edge is held. */
function wobbleOf({ usualWobbleDeg, isFreehand }: LabEdge, learned: LearnedWobble | null): number {
  if (!learned || learned.sets === 0 || !isFreehand) return usualWobbleDeg;
  return Math.round(10 * learned.value) / 10;
}

/** The strokes of an edge's plan; null where it needs no stone. */
export function plannedStrokes({ zone, plan }: EdgeNeed): PlayedStrokes | null {
  const steps = plan ? playedPlan({ zone, steps: plan.steps }) : [];
  return steps.length > 0 ? { steps, startUm: null } : null;
}
