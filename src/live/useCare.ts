'use client';

import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { careRows, spineUse, type CareRow } from '../core/care';
import { shelfOfTrip } from '../core/ladder';
import { nextTrip } from '../domain/tripDays';
import type { Trip } from '../domain/trip';
import { useStore } from './StoreProvider';
import { useNow } from './useNow';
import { useRecords } from './useRecords';
import { useShelf } from './useShelf';
import { useSurfaceUse } from './useStandings';
import { useLooks } from './useToolLog';
import { useBench } from './useBench';

/** Everything that is due between trips, and the next trip that pulls it forward; undefined while it is read. */
export function useCare(): { rows: CareRow[]; trip: Trip | null } | undefined {
  const { log } = useStore();
  const tools = useRecords('tools');
  const care = useRecords('care');
  const trips = useRecords('trips');
  const shelf = useShelf();
  const surfaceUse = useSurfaceUse();
  const inspections = useLooks();
  const now = useNow();
  const benchFor = useBench();
  const hooked = (tools ?? []).filter(({ spine }) => spine.use === 'burnished hook');
  const hookedIds = hooked.map(({ id }) => id).join();
  const spines = useQuery({
    queryKey: ['sessionLines', 'spines', hookedIds, benchFor],
    queryFn: async () => {
      const logs = await Promise.all(hooked.map(({ id }) => log.sessionsOf(id)));
      const uses = hooked.map(
        (tool, i) =>
          [
            tool.id,
            spineUse(tool, logs[i]!, now, benchFor!(tool, { spot: 'bench', tripId: null })),
          ] as const,
      );
      return new Map(uses.flatMap(([id, use]) => (use ? [[id, use] as const] : [])));
    },
    enabled: tools !== undefined && benchFor !== undefined,
  }).data;
  return useMemo(() => {
    if (!tools || !care || !trips || !shelf || !surfaceUse || !inspections || !spines)
      return undefined;
    const trip = nextTrip(trips, now) ?? null;
    const along = trip ? shelfOfTrip(shelf, trip, now) : shelf;
    const asked = { tools, care, surfaceUse, inspections, spines, trip, trips, now };
    return { rows: careRows({ ...asked, shelf: along }), trip };
  }, [tools, care, trips, shelf, surfaceUse, inspections, spines, now]);
}
