'use client';

import { useQuery } from '@tanstack/react-query';
import type { LoggedSession } from '../domain/loggedSession';
import type { RecordOf, StoreName } from '../domain/records';
import type { Inspection } from '../domain/session';
import { useStore } from './StoreProvider';

/** The stores that are read whole; the log has its own way, as it grows for years. */
type WholeStore = Exclude<StoreName, 'sessions' | 'inspections'>;

/** All records of a store, refreshed when any tab changes it; undefined while they are read. */
export function useRecords<S extends WholeStore>(name: S): RecordOf<S>[] | undefined {
  const store = useStore();
  return useQuery({
    queryKey: [name],
    queryFn: () => store[name].list() as Promise<RecordOf<S>[]>,
  }).data;
}

/** Every session as the log is read, refreshed when any tab changes one; undefined while they are read. */
export function useSessions(): LoggedSession[] | undefined {
  const { log } = useStore();
  return useQuery({ queryKey: ['sessionLines'], queryFn: () => log.sessions() }).data;
}

/** Every look at an edge between touch-ups; undefined while they are read. */
export function useInspections(): Inspection[] | undefined {
  const { log } = useStore();
  return useQuery({ queryKey: ['inspectionLines'], queryFn: () => log.inspections() }).data;
}
