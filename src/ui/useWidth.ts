'use client';

import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/** The width in CSS pixels of an element, kept up to date; `initial` before it is measured. */
export function useWidth<E extends Element>(initial: number): [RefObject<E | null>, number] {
  const ref = useRef<E>(null);
  const [width, setWidth] = useState(initial);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const measure = (): void => setWidth(Math.max(200, element.getBoundingClientRect().width));
    measure();
    if (typeof ResizeObserver === 'undefined') return;
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, width];
}
