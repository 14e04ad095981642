'use client';

import { useLayoutEffect, useRef, type ReactNode } from 'react';

/** Set on the page: how high the bar at its foot stands, so that notices stay clear of it. */
const HEIGHT = '--bar-height';

/** What stands at the thumb while the screen scrolls behind it. Notices appear above it. */
export function ActionBar(props: { label?: string; className?: string; children: ReactNode }) {
  const { label, className = '', children } = props;
  const ref = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    const bar = ref.current!;
    const root = document.documentElement.style;
    if (typeof ResizeObserver === 'undefined') return;
    const observer = new ResizeObserver(() => {
      const isAtFoot = getComputedStyle(bar).position === 'sticky';
      root.setProperty(HEIGHT, `${isAtFoot ? bar.offsetHeight : 0}px`);
    });
    observer.observe(bar);
    return () => {
      observer.disconnect();
      root.removeProperty(HEIGHT);
    };
  }, []);
  return (
    <div
      ref={ref}
      role={label ? 'region' : undefined}
      aria-label={label}
      className={`sticky bottom-0 z-10 border-t-2 border-rule bg-base-200 ${className}`}
    >
      {children}
    </div>
  );
}
