'use client';

import { useSearchParams } from 'next/navigation';

/** The trip that the address names, so that it stays chosen on a reload; null for the next one. */
export function useChosenTrip(): [string | null, (id: string | null) => void] {
  const id = useSearchParams().get('trip');
  return [
    id,
    (next) =>
      window.history.replaceState(null, '', next ? tripQuery(next) : window.location.pathname),
  ];
}

/** The query of an address that names a trip. */
export function tripQuery(id: string): string {
  return `?trip=${encodeURIComponent(id)}`;
}
