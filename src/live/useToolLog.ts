'use client';

import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { LoggedSession } from '../domain/loggedSession';
import type { Inspection } from '../domain/session';
import { useStore } from './StoreProvider';

/** The part of the log that is of one tool. */
export interface ToolLog {
  sessions: LoggedSession[];
  inspections: Inspection[];
}

/** One tool's own log, refreshed when any tab changes the log; undefined while it is read. */
export function useToolLog(toolId: string): ToolLog | undefined {
  const { log } = useStore();
  const sessions = useQuery({
    queryKey: ['sessionLines', toolId],
    queryFn: () => log.sessionsOf(toolId),
  }).data;
  const inspections = useQuery({
    queryKey: ['inspectionLines', toolId],
    queryFn: () => log.inspectionsOf(toolId),
  }).data;
  return useMemo(
    () => sessions && inspections && { sessions, inspections },
    [sessions, inspections],
  );
}

/** How many lines there are; undefined while they are counted. */
export function useLineCount(lines: 'sessionLines' | 'inspectionLines'): number | undefined {
  const { log } = useStore();
  return useQuery({ queryKey: [lines, 'count'], queryFn: () => log.count(lines) }).data;
}
