'use client';

import { useMemo } from 'react';
import { benchAt, type Bench } from '../core';
import type { Session } from '../domain/session';
import type { Tool } from '../domain/tool';
import { tripOf } from '../domain/tripDays';
import { useRecords } from './useRecords';
import { useShelf } from './useShelf';
import { useHand } from './useStandings';

/** Where a tool's keeper works, and with what: on a trip with its kit; undefined while it is read. */
export function useBench(): ((tool: Tool, where: Session['where']) => Bench) | undefined {
  const shelf = useShelf();
  const hand = useHand();
  const trips = useRecords('trips');
  return useMemo(
    () =>
      shelf &&
      hand &&
      trips &&
      (({ id, schools }, where) => {
        const kit = tripOf(trips, id, new Date())?.carried;
        return benchAt({ where, shelf, kit, schools, hand });
      }),
    [shelf, hand, trips],
  );
}
