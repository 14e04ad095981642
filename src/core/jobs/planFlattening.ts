import type { Tool, Zone } from '../../domain/tool';
import {
  doneWhen,
  lightestLadder,
  workingFace,
  type LadderAbrasive,
  type LadderStep,
  type WorkingFace,
} from '../ladder';
import { sinDeg } from '../trigonometry';
import type { Pace } from '../wear';
import { APEX_RUNGS, withoutSteps, type JobPlan } from './jobPlan';

/**
 * A drifted bevel ground flat to its apex again. The steel that its face lags behind by, V = 2·L·W·lag,
 * is that of damage lag / sin θ deep: the same ladder takes it off and finishes the edge.
 */
export function planFlattening(input: {
  tool: Tool;
  zone: Zone;
  /** How far (mm, square to the face) the bevel lags behind its apex. */
  lagMm: number;
  apexRadiusUm: number;
  damageDepthMm: number;
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}): JobPlan {
  const { tool, zone, lagMm, apexRadiusUm, damageDepthMm, abrasives, pace } = input;
  const face = workingFace(tool, zone);
  const lagDepthMm = lagMm / sinDeg(face.angleDeg);
  const ladder = lightestLadder(
    {
      face,
      condition: {
        apexRadiusUm: Math.max(apexRadiusUm, zone.targetApexUm),
        damageDepthMm: Math.max(damageDepthMm, lagDepthMm),
      },
      targetApexUm: zone.targetApexUm,
      abrasives,
      pace,
    },
    APEX_RUNGS,
  );
  if (lagMm === 0) return withoutSteps(ladder, 'leave alone');
  if (ladder.outcome !== 'planned') return withoutSteps(ladder, 'out of reach');
  const [first, ...finer] = ladder.steps;
  return { ...ladder, steps: [flattening(first!, face), ...finer], zoneAfter: null };
}

function flattening(step: LadderStep, face: WorkingFace): LadderStep {
  const named = { ...step, task: 'grind the bevel flat' as const };
  return { ...named, doneWhen: doneWhen(named, face) };
}
