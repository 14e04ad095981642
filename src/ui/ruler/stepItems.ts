import type { SessionStep } from '../../domain/session';
import type { RulerItem } from './MicronRuler';

/** The abrasives of a session's steps as things on the ruler, each once. */
export function stepItems(steps: readonly SessionStep[]): RulerItem[] {
  const items = steps.map(({ itemId, abrasiveName, sizeUm, kind, form }) => ({
    id: itemId,
    name: abrasiveName,
    sizeUm,
    shape:
      kind === 'strop'
        ? ('strop' as const)
        : form === 'file'
          ? ('file' as const)
          : ('stone' as const),
  }));
  return items.filter(({ id }, i) => items.findIndex((item) => item.id === id) === i);
}
