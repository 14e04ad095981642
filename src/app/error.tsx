'use client';

import dynamic from 'next/dynamic';

/** What looks for the cause loads when there is something to look for. */
const RouteError = dynamic(() => import('../features/shell/RouteError'), { ssr: false });

/** The boundary of every route: the shell and the other screens go on. */
export default function ScreenFailed({ error, reset }: { error: Error; reset: () => void }) {
  return <RouteError error={error} reset={reset} />;
}
