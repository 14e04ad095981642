import type { LadderStep } from '../../core/ladder';
import type { WalkStep } from './hops';
import type { RulerItem } from './MicronRuler';

/** The abrasives of a plan's steps as things on the ruler, each once. */
export function ladderItems(steps: readonly LadderStep[]): RulerItem[] {
  const abrasives = [...new Map(steps.map((step) => [step.abrasive.id, step.abrasive])).values()];
  return abrasives.map((abrasive) => ({
    id: abrasive.id,
    name: abrasive.name,
    sizeUm: abrasive.sizeUm,
    shape: abrasive.kind === 'strop' ? 'strop' : abrasive.form === 'file' ? 'file' : 'stone',
  }));
}

/** The steps of a plan as a walk along the ruler. */
export function walkSteps(steps: readonly LadderStep[]): WalkStep[] {
  return steps.map(({ abrasive, task }) => ({ sizeUm: abrasive.sizeUm, task }));
}
