'use client';

import { usePathname, useSearchParams } from 'next/navigation';
import { useEffect, useRef } from 'react';

/** What in an address names another record; the rest only turns over what is shown of it. */
const NAMES_A_RECORD = ['id', 'tool', 'zone', 'session', 'trip', 'job'];
/** A screen that is still read gets its heading within this time (ms). */
const WAIT_MS = 3000;

/** After a move within the application the new screen's heading has the focus, so that it is read out. */
export function FocusHeading() {
  const pathname = usePathname();
  const params = useSearchParams();
  const place = [pathname, ...NAMES_A_RECORD.map((name) => params.get(name) ?? '')].join(' ');
  const before = useRef(place);
  useEffect(() => {
    if (before.current === place) return;
    before.current = place;
    const main = document.getElementById('main');
    if (!main) return;
    const focus = (): boolean => {
      const heading = main.querySelector('h1');
      if (!heading) return false;
      heading.tabIndex = -1;
      heading.focus({ preventScroll: true });
      return true;
    };
    if (focus()) return;
    const observer = new MutationObserver(() => focus() && observer.disconnect());
    observer.observe(main, { childList: true, subtree: true });
    const late = setTimeout(() => observer.disconnect(), WAIT_MS);
    return () => {
      observer.disconnect();
      clearTimeout(late);
    };
  }, [place]);
  return null;
}
