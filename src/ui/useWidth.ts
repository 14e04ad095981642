'use client';

import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/**
 * The width in CSS pixels of an element, kept up to date; `initial` before it is measured, never less than
 * `least`.
 */
export function useWidth<E extends Element>(
  initial: number,
  least = 200,
): [RefObject<E | null>, number] {
  const ref = useRef<E>(null);
  const [width, setWidth] = useState(initial);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element || typeof ResizeObserver === 'undefined') return;
    // The observer tells the first width too, before the frame is painted; asking for it here would
    // lay the page out once for every element that is measured.
    const observer = new ResizeObserver(([entry]) =>
      setWidth(Math.max(least, entry!.contentRect.width)),
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [least]);
  return [ref, width];
}
