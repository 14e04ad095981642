import type { Tool } from './tool';
import type { Trip } from './trip';

/** Who carries a tool on a trip; empty where it is everybody's. */
export function carrierOf({ carriers }: Pick<Trip, 'carriers'>, toolId: string): string {
  return carriers.find((own) => own.toolId === toolId)?.person ?? '';
}

/** Tools by who carries them, in the order that they come in; everybody's under no name. */
export function toolsByPerson(
  trip: Pick<Trip, 'carriers'>,
  tools: Iterable<Tool>,
): [person: string, tools: Tool[]][] {
  const found = new Map<string, Tool[]>();
  for (const tool of tools) {
    const person = carrierOf(trip, tool.id);
    found.set(person, [...(found.get(person) ?? []), tool]);
  }
  return [...found];
}
