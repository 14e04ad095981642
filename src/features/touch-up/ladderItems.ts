import type { LadderStep } from '../../core';
import type { RulerItem } from '../../ui/ruler/MicronRuler';

/** The steps of a plan as things on the ruler. */
export function ladderItems(steps: readonly LadderStep[]): RulerItem[] {
  return steps.map(({ abrasive }) => ({
    id: abrasive.id,
    name: abrasive.name,
    sizeUm: abrasive.sizeUm,
    shape: abrasive.kind === 'strop' ? 'strop' : abrasive.form === 'file' ? 'file' : 'stone',
  }));
}
