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

/** Sessions that began between two moments (ISO 8601); undefined while they are read. */
export function useSessionsBetween(from: string, to: string): LoggedSession[] | undefined {
  const { log } = useStore();
  return useQuery({
    queryKey: ['sessionLines', 'between', from, to],
    queryFn: () => log.between(from, to),
  }).data;
}

/** How many lines there are; undefined while they are counted. */
export function useLineCount(lines: 'sessionLines' | 'inspectionLines'): number | undefined {
  const { log } = useStore();
  return useQuery({ queryKey: [lines, 'count'], queryFn: () => log.count(lines) }).data;
}

/** The ids of the tools that have sessions; undefined while they are read. */
export function useWorkedTools(): string[] | undefined {
  const { log } = useStore();
  return useQuery({ queryKey: ['sessionLines', 'tools'], queryFn: () => log.workedTools() }).data;
}
