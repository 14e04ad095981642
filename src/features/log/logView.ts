'use client';

import { useSyncExternalStore } from 'react';
import { NO_FILTER, type LogFilter } from './logFilter';

/** What was asked of the log last: it stands again when one comes back from an entry. */
let view: LogFilter = NO_FILTER;
const listeners = new Set<() => void>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The filter of the log, and the way to change some of it. */
export function useLogFilter(): [LogFilter, (change: Partial<LogFilter>) => void] {
  const filter = useSyncExternalStore(
    subscribe,
    () => view,
    () => NO_FILTER,
  );
  return [filter, change];
}

function change(changed: Partial<LogFilter>): void {
  view = { ...view, ...changed };
  listeners.forEach((listener) => listener());
}
