'use client';

import { guideWords as say } from './words/guideWords';
import { useRouter } from 'next/navigation';
import { useCallback } from 'react';
import { nextInSitting } from '../../core/touchUp';
import { edgeName } from '../../domain/edgeName';
import type { Session } from '../../domain/session';
import { useStore } from '../../live';
import { notice } from '../../ui/notice';

/**
 * The way on in a sitting: to the edge that comes next for what is in the hand. Answers whether it led
 * to another one; never for an edge that is worked by itself.
 */
export function useSittingTurn(): (session: Session) => Promise<boolean> {
  const { sessions, tools } = useStore();
  const router = useRouter();
  return useCallback(
    async (session) => {
      if (session.sitting.length < 2) return false;
      const all = await Promise.all(
        session.sitting.map((id) => (id === session.id ? session : sessions.get(id))),
      );
      const edges = all.filter((each) => each !== undefined && each.deletedAt === null);
      const next = nextInSitting(edges as Session[]);
      if (next === null || next === session.id) return false;
      const { toolId, zoneId } = edges.find((each) => each!.id === next)!;
      const tool = await tools.get(toolId);
      const zone = tool?.zones.find(({ id }) => id === zoneId);
      router.replace(`/touch-up/guide?session=${next}`);
      if (tool && zone) void notice(say.now(edgeName(tool, zone)));
      return true;
    },
    [sessions, tools, router],
  );
}
