import type { Zone } from '../../domain/tool';
import { facetSchedule } from '../edge';
import type { LadderStep } from '../ladder';
import type { Pace } from '../wear';
import { ARC_FACETS } from './grindArc';
import { planOfSteps, type JobPlan } from './jobPlan';

/** Whether a step works the apex of an arc, so that the facets behind it may follow. */
function isOnArc({ task, abrasive }: LadderStep): boolean {
  return abrasive.kind === 'stone' && (task === 'restore the apex' || task === 'remove scratches');
}

/**
 * A plan for a convex edge with the rest of its arc after each stone: one pass a facet, apex to
 * shoulder, with the strokes of the step each and its own angle, so that no facet stands out. The
 * apex's own pass is the step itself.
 */
export function withArcPasses(
  plan: JobPlan,
  {
    zone,
    bladeWidthMm,
    spineThicknessMm,
    pace,
  }: {
    zone: Zone;
    bladeWidthMm: number;
    spineThicknessMm: number;
    pace: Pace;
  },
): JobPlan {
  if (zone.grind !== 'convex' || plan.outcome !== 'planned') return plan;
  const [, ...behind] = facetSchedule({
    thicknessMm: zone.shoulderThicknessMm,
    cheekAngleDeg: zone.primaryAngleDeg,
    apexAngleDeg: zone.bevelAngleDeg,
    facets: ARC_FACETS,
    bladeWidthMm,
    spineThicknessMm,
  });
  const steps = plan.steps.flatMap((step): LadderStep[] => {
    if (!isOnArc(step)) return [step];
    const minutes = (2 * step.strokesPerSide) / pace[step.motion];
    return [
      step,
      ...behind.map(({ angleDeg, faceWidthMm }, i): LadderStep => ({
        ...step,
        task: 'blend the arc',
        facet: { number: i + 2, of: ARC_FACETS },
        zoneAfter: null,
        jumpRatio: null,
        baseline: null,
        angleDeg,
        stretch: null,
        minutes,
        minutesLow: (minutes * step.strokesPerSideLow) / step.strokesPerSide,
        minutesHigh: (minutes * step.strokesPerSideHigh) / step.strokesPerSide,
        contactWidthMm: faceWidthMm,
        volumeMm3: 0,
        waterMl: 0,
        notes: [],
      })),
    ];
  });
  return { ...plan, ...planOfSteps(steps, plan.apexRadiusUm), ...kept(plan) };
}

/** What stays of a plan whose steps have become more. */
function kept({ shortOf, firstStones, wishesFailed, missingStone, leftOut }: JobPlan) {
  return { shortOf, firstStones, wishesFailed, missingStone, leftOut };
}
