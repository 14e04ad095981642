'use client';

import { useQuery } from '@tanstack/react-query';
import type { LoggedSession } from '../domain/loggedSession';
import type { RecordOf } from '../domain/records';
import type { StoreName } from '../domain/storeNames';
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

/** The latest so many sessions, newest first: what a screen shows while all of them are read. */
export function useNewestSessions(count: number): LoggedSession[] | undefined {
  const { log } = useStore();
  return useQuery({
    queryKey: ['sessionLines', 'newest', count],
    queryFn: () => log.newest(count),
  }).data;
}

/** Every session as the log is read, refreshed when any tab changes one; undefined while they
 * are read, or not `enabled` to be. */
export function useSessions(enabled = true): LoggedSession[] | undefined {
  const { log } = useStore();
  return useQuery({ queryKey: ['sessionLines'], queryFn: () => log.sessions(), enabled }).data;
}
