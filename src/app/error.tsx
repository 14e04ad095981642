'use client';

import { RouteError } from '../features/shell/RouteError';

/** The boundary of every route: the shell and the other screens go on. */
export default function RouteBoundary(props: { error: Error; reset: () => void }) {
  return <RouteError {...props} />;
}
