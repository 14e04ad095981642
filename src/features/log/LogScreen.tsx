'use client';

import Link from '../../ui/Link';
import { useMemo } from 'react';
import { useNewestSessions, useRecords, useSessions } from '../../live';
import { LogTable } from './LogTable';
import { logRows } from './logRows';

/** So many entries are shown while the rest of a long log is read. */
const FIRST_PAGE = 40;

/** Every touch-up, newest first; by tool, and searched in its words. */
export function LogScreen() {
  const newest = useNewestSessions(FIRST_PAGE);
  const all = useSessions(newest !== undefined);
  const tools = useRecords('tools');
  const sessions = all ?? newest;
  const rows = useMemo(
    () => (sessions && tools ? logRows(sessions, tools) : undefined),
    [sessions, tools],
  );
  if (!rows || !tools) return null;
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-5 sm:px-8">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1>Log</h1>
        <Link href="/log/taught" className="link inline-flex min-h-12 items-center">
          What your log has taught it
        </Link>
        <Link href="/log/write" className="link inline-flex min-h-12 items-center">
          Write down past work
        </Link>
      </div>
      {rows.length === 0 ? (
        <p className="mt-3 max-w-[60ch] text-lg">
          Nothing yet. A touch-up that is finished in the guide writes itself in here.{' '}
          <Link href="/touch-up" className="link">
            Begin one
          </Link>
        </p>
      ) : (
        <LogTable rows={rows} isWhole={all !== undefined} />
      )}
    </div>
  );
}
