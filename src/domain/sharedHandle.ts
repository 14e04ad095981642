import type { Tool } from './tool';

/** The handle that a blade sits on, by the id of the first blade there: several blades may share one. */
export function handleId({ id, handleOf }: Pick<Tool, 'id' | 'handleOf'>): string {
  return handleOf ?? id;
}

/** Tools in their order, the blades of one handle brought together behind the first of them. */
export function bladesTogether(tools: readonly Tool[]): Tool[] {
  const order = new Map<string, number>();
  for (const tool of tools) {
    const handle = handleId(tool);
    if (!order.has(handle)) order.set(handle, order.size);
  }
  return [...tools].sort((a, b) => order.get(handleId(a))! - order.get(handleId(b))!);
}
