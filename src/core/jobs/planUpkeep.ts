import { FAMILIES } from '../../domain/families';
import { stropOutlooks, whyUnfit, workingFace } from '../ladder';
import { PRIORS } from '../priors';
import { countedStep } from './countedStep';
import type { EdgeJob } from './edgeJob';
import { NO_PLAN, planOfSteps, type JobPlan } from './jobPlan';
import { hones } from './planHone';

/**
 * A few light strokes that keep an edge: on the strop that leaves it keenest, or on a hone where no strop is at
 * hand. Always open, whatever the edge passes; out of reach with neither.
 */
export function planUpkeep(edge: EdgeJob): JobPlan {
  const { tool, zone, abrasives, hand } = edge;
  const face = workingFace(tool, zone);
  const strokesPerSide = PRIORS.upkeepStrokes.value;
  const [best] = stropOutlooks(edge);
  const fitting = hones(abrasives).filter((hone) => {
    const why = whyUnfit(hone, face);
    return why === null || why.kind === 'removes nothing';
  });
  const abrasive = best?.strop ?? fitting[0];
  if (!abrasive) return { ...NO_PLAN, outcome: 'out of reach', apexRadiusUm: edge.apexRadiusUm };
  const apexRadiusUm = best
    ? Math.min(edge.apexRadiusUm, best.radiusUm(2 * strokesPerSide))
    : edge.apexRadiusUm;
  const straightens = abrasive.kind === 'stone' && FAMILIES[abrasive.family].does === 'straightens';
  const step = countedStep({
    face,
    abrasive,
    task: abrasive.kind === 'strop' ? 'strop' : 'lay a turned edge straight',
    strokesPerSide: straightens ? PRIORS.steelStrokes.value : strokesPerSide,
    strokeLengthMm: 0.9 * abrasive.lengthMm,
    forceN: abrasive.kind === 'strop' ? face.practice.stropForceN : PRIORS.honeForceN.value,
    apexRadiusUm,
    hand,
  });
  return planOfSteps([step], apexRadiusUm);
}
