import type { SessionStep } from '../../domain/session';
import { reachMm } from '../hold';
import type { LadderAbrasive } from '../ladder';

/**
 * A step as it was, with another thing in the hand: what the model had counted was for the one before, and
 * says nothing of this one.
 */
export function stepWith(step: SessionStep, abrasive: LadderAbrasive): SessionStep {
  if (abrasive.id === step.itemId) return step;
  return {
    ...step,
    itemId: abrasive.id,
    abrasiveName: abrasive.name,
    kind: abrasive.kind,
    form: abrasive.kind === 'stone' ? abrasive.form : null,
    sizeUm: abrasive.sizeUm,
    reachMm: reachMm(abrasive),
    baseline: null,
    learnedFactor: 1,
  };
}
