'use client';

import { useMemo } from 'react';
import { benchAt, type Bench } from '../core';
import type { Session } from '../domain/session';
import type { Tool } from '../domain/tool';
import { useShelf } from './useShelf';
import { useHand } from './useStandings';

/** Where a tool's keeper works, and with what; undefined while it is read. */
export function useBench(): ((tool: Tool, where: Session['where']) => Bench) | undefined {
  const shelf = useShelf();
  const hand = useHand();
  return useMemo(
    () => shelf && hand && (({ schools }, where) => benchAt({ where, shelf, schools, hand })),
    [shelf, hand],
  );
}
