'use client';

import { useEffect, useRef, useState, type RefObject } from 'react';

/** So far beyond the window (px) an element counts as near it. */
const MARGIN_PX = 300;

/** Whether an element is near the window, or has been: what is far down a page can wait to be drawn. */
export function useNearView<E extends Element>(): [RefObject<E | null>, boolean] {
  const ref = useRef<E>(null);
  const [isNear, setNear] = useState(typeof IntersectionObserver === 'undefined');
  useEffect(() => {
    const element = ref.current;
    if (!element || isNear) return;
    const observer = new IntersectionObserver(
      ([entry]) => {
        if (entry!.isIntersecting) setNear(true);
      },
      { rootMargin: `${MARGIN_PX}px` },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [isNear]);
  return [ref, isNear];
}
