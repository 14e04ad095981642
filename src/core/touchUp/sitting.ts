import type { SessionStep } from '../../domain/session';

/** One edge of a sitting, as far as it is worked. */
export interface SittingEdge {
  id: string;
  steps: readonly Pick<SessionStep, 'itemId' | 'sizeUm' | 'kind'>[];
  stepIndex: number;
  finishedAt: string | null;
}

/**
 * Which edge of a sitting is worked next: the one whose step is the coarsest, so that each stone is
 * taken up once for all edges; strops come last, and among equals the order of the edges decides.
 * Null when all of them are finished.
 */
export function nextInSitting(edges: readonly SittingEdge[]): string | null {
  const open = edges.filter(({ finishedAt, steps }) => finishedAt === null && steps.length > 0);
  if (open.length === 0) return null;
  const current = ({ steps, stepIndex }: SittingEdge) => steps[stepIndex]!;
  const key = (edge: SittingEdge): number =>
    current(edge).kind === 'strop' ? -1 / current(edge).sizeUm : current(edge).sizeUm;
  return open.reduce((best, edge) => (key(edge) > key(best) ? edge : best)).id;
}

/**
 * The whole order of a sitting: which edge at which of its steps, in turn. The first edge is the one that was
 * chosen: its first step opens, whatever is coarser.
 */
export function sittingOrder(
  edges: readonly Omit<SittingEdge, 'finishedAt' | 'stepIndex'>[],
): { id: string; step: number }[] {
  const order: { id: string; step: number }[] = [];
  let state: SittingEdge[] = edges.map((edge) => ({ ...edge, stepIndex: 0, finishedAt: null }));
  for (;;) {
    const opens = order.length === 0 ? state.find(({ steps }) => steps.length > 0)?.id : undefined;
    const id = opens ?? nextInSitting(state);
    if (id === null) return order;
    state = state.map((edge) => {
      if (edge.id !== id) return edge;
      order.push({ id, step: edge.stepIndex });
      const isLast = edge.stepIndex === edge.steps.length - 1;
      return isLast ? { ...edge, finishedAt: 'done' } : { ...edge, stepIndex: edge.stepIndex + 1 };
    });
  }
}
