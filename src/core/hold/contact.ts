import { isSpineTask, type StepTask } from '../../domain/terms';

/**
 * What a stroke works: the edge, a band along it at an angle of its own, a facet behind the edge of an arc, the
 * whole of an arc, the steel behind the edge, a new face that runs through to the edge at last, or the spine.
 */
export type Contact = 'edge' | 'band' | 'facet' | 'arc' | 'behind' | 'new face' | 'spine';

/** What the strokes of a step work, once its stretch at an angle of its own is done. */
export function contactOf({
  task,
  facet = null,
}: {
  task: StepTask;
  facet?: { number: number } | null;
}): Contact {
  if (isSpineTask(task)) return 'spine';
  switch (task) {
    case 'move the shoulders back':
    case 'polish behind the edge':
      return 'behind';
    case 'blend the arc':
      return 'facet';
    case 'grind a facet of the arc':
      return facet?.number === 1 ? 'new face' : 'facet';
    case 'smooth the arc':
      return 'arc';
    case 'grind the new angle':
    case 'grind the bevel flat':
      return 'new face';
    default:
      return 'edge';
  }
}

/** Whether a burr is a sign of this work going well; behind the edge it says that the edge is ground away. */
export function wantsBurr(contact: Contact): boolean {
  return contact === 'edge' || contact === 'band' || contact === 'new face';
}
