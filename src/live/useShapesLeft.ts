'use client';

import { useQuery } from '@tanstack/react-query';
import { leftZone } from '../core/jobs';
import type { ShapeLeft } from '../core/lab';
import { useStore } from './StoreProvider';

/**
 * The shapes that jobs other than touch-ups have left on a zone, by whole entries of its log; undefined while they
 * are read.
 */
export function useShapesLeft(toolId: string, zoneId: string): ShapeLeft[] | undefined {
  const { log, sessions } = useStore();
  return useQuery({
    queryKey: ['sessionLines', 'shapes', toolId, zoneId],
    queryFn: async () => {
      const lines = (await log.sessionsOf(toolId)).filter(
        ({ job, zoneId: own, finishedAt }) =>
          own === zoneId && finishedAt !== null && job !== 'touch-up' && job !== 'spine',
      );
      const whole = await Promise.all(lines.map(({ id }) => sessions.get(id)));
      return whole.flatMap((session) => {
        const left = session && leftZone(session);
        return left && !left.facetOnly ? [{ at: session.finishedAt!, zone: left.zone }] : [];
      });
    },
  }).data;
}
