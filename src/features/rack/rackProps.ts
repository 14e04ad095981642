import type { EdgeNeed } from '../../core/inspection';
import { bladesTogether } from '../../domain/sharedHandle';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { goesAlong } from '../../domain/tripDays';

/** Tools in the order they hang, with the needs of each. */
export interface RackProps {
  tools: readonly Tool[];
  needs: readonly EdgeNeed[];
  /** The next trip, as a gate; null where none is planned. */
  trip: Trip | null;
}

/** What goes on the next trip, most urgent first and the blades of a handle together, and what stays at home. */
export function sortedOut({ tools, needs, trip }: RackProps): { go: Tool[]; stay: Tool[] } {
  const order = [...new Set(needs.map(({ tool }) => tool.id))];
  const sorted = bladesTogether(
    [...tools].sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id)),
  );
  if (!trip) return { go: sorted, stay: [] };
  const goes = ({ id }: Tool): boolean => goesAlong(trip, id);
  return { go: sorted.filter(goes), stay: sorted.filter((tool) => !goes(tool)) };
}
