'use client';

import { useEffect, useRef, type RefObject } from 'react';

/** What was given last, for whoever asks later than the render: a timer, a sensor, a thread. */
export function useLatest<V>(value: V): RefObject<V> {
  const latest = useRef(value);
  useEffect(() => {
    latest.current = value;
  });
  return latest;
}
