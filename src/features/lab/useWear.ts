'use client';

import { useMemo } from 'react';
import { wearOfYears, type EdgeNeed, type WearOfYears } from '../../core';
import { useNow, useShapesLeft, useToolLog } from '../../live';

/** An edge over the years of its log and on; null while the log is read. */
export function useWear({ tool, zone }: EdgeNeed): WearOfYears | null {
  const sessions = useToolLog(tool.id)?.sessions;
  const shapes = useShapesLeft(tool.id, zone.id);
  const nowMs = Date.parse(useNow());
  return useMemo(
    () => (sessions && shapes ? wearOfYears({ tool, zone, sessions, shapes, nowMs }) : null),
    [tool, zone, sessions, shapes, nowMs],
  );
}
