'use client';

import { useEffect } from 'react';

/** Lets go of a sensor as soon as the page is hidden or left: `letGo` must stay the same. */
export function useLetGo(letGo: () => void): void {
  useEffect(() => {
    const hidden = (): void => {
      if (document.hidden) letGo();
    };
    document.addEventListener('visibilitychange', hidden);
    return () => {
      document.removeEventListener('visibilitychange', hidden);
      letGo();
    };
  }, [letGo]);
}
