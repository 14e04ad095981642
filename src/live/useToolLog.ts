'use client';

import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { checksOf, stopReasons, type StopReason } from '../core/inspection';
import { logByUsualTester } from '../core/log';
import type { LoggedSession } from '../domain/loggedSession';
import type { Inspection } from '../domain/session';
import { handleId } from '../domain/sharedHandle';
import { useStore } from './StoreProvider';
import { useRecords } from './useRecords';
import { useStandings } from './useStandings';

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
  const inspections = useLooksAt([toolId]);
  return useMemo(
    () => sessions && inspections && { sessions, inspections },
    [sessions, inspections],
  );
}

/** The sessions of some tools, by tool; undefined while they are read. */
export function useLogsOf(toolIds: readonly string[]): Map<string, LoggedSession[]> | undefined {
  const { log } = useStore();
  const ids = [...new Set(toolIds)].sort();
  return useQuery({
    queryKey: ['sessionLines', 'of', ids.join()],
    queryFn: async () =>
      new Map(await Promise.all(ids.map(async (id) => [id, await log.sessionsOf(id)] as const))),
  }).data;
}

function useLooksAt(toolIds: readonly string[]): Inspection[] | undefined {
  const { log } = useStore();
  return useQuery({
    queryKey: ['inspectionLines', ...toolIds],
    queryFn: async () => (await Promise.all(toolIds.map((id) => log.inspectionsOf(id)))).flat(),
  }).data;
}

/**
 * Why a tool must not be used, by the looks at its handle's blades and at once: no strokes are counted on
 * it until the whole log is judged. Undefined while they are read.
 */
export function useToolStops(toolId: string): StopReason[] | undefined {
  const tools = useRecords('tools');
  const own = tools?.find(({ id }) => id === toolId);
  const blades = (tools ?? []).filter((tool) => own && handleId(tool) === handleId(own));
  const looks = useLooksAt(blades.length > 0 ? blades.map(({ id }) => id) : [toolId]);
  return useMemo(
    () => tools && looks && stopReasons(checksOf(toolId, looks)),
    [toolId, tools, looks],
  );
}

/** The same with its grams as the usual tester would read them: what estimates of the apex go by. */
export function useReadToolLog(toolId: string): ToolLog | undefined {
  const log = useToolLog(toolId);
  const scale = useStandings()?.tester ?? null;
  return useMemo(() => log && logByUsualTester(log, scale), [log, scale]);
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

/** Every look of the log; undefined while it is read. */
export function useLooks(): Inspection[] | undefined {
  const { log } = useStore();
  return useQuery({
    queryKey: ['inspectionLines', 'all'],
    queryFn: () => log.inspections(),
  }).data;
}
