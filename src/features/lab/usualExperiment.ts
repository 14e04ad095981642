import {
  labEdge,
  notable,
  playedPlan,
  wobbleDeg,
  type EdgeNeed,
  type LabEdge,
  type LearnedHold,
} from '../../core';
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
  learned: LearnedHold | null,
): Experiment {
  const step = need.plan?.steps.findLast(
    ({ abrasive }) => abrasive.kind === 'stone' && abrasive.family !== 'file',
  );
  const stone = step?.abrasive.kind === 'stone' ? step.abrasive : null;
  return {
    hold: {
      angleDeg: edge.apexAngleDeg,
      wobbleDeg: hundredth(wobbleDeg(learned, edge.steadiness)),
      leftSteeperDeg: tenth(leftSteeper(learned)),
      backSteeperDeg: tenth(notable(learned?.backSteeper ?? null)?.value ?? 0),
    },
    forceN: step?.forceN ?? USUAL.forceN,
    strokesPerSide: step ? tens(step.strokesPerSide) : USUAL.strokesPerSide,
    stone: { family: stone?.family ?? 'diamond', sizeUm: stone?.sizeUm ?? USUAL.sizeUm },
    strokeLengthMm: step?.strokeLengthMm ?? USUAL.strokeLengthMm,
  };
}

const hundredth = (deg: number): number => Math.round(100 * deg) / 100;
const tenth = (deg: number): number => Math.round(10 * deg) / 10;

/** How much steeper the left hand holds than the right one, where practice says so. */
function leftSteeper(learned: LearnedHold | null): number {
  const [left, right] = [learned?.hands.left?.steeper, learned?.hands.right?.steeper];
  if (!left || !right) return 0;
  const apart = { value: left.value - right.value, se: Math.hypot(left.se, right.se) };
  return notable(apart)?.value ?? 0;
}

/** The strokes of an edge's plan; null where it needs no stone. */
export function plannedStrokes({ zone, plan }: EdgeNeed): PlayedStrokes | null {
  const steps = plan ? playedPlan({ zone, steps: plan.steps }) : [];
  return steps.length > 0 ? { steps, startUm: null } : null;
}
