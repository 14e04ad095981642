'use client';

import { shellWords as say } from '../../ui/words/shellWords';
import { useEffect } from 'react';
import { Toaster } from 'sonner';
import { noticesPlaced } from '../../ui/notice';

/** Clear of the bar at the thumb: no notice covers what is to be tapped there. */
const ABOVE_BAR = { bottom: 'calc(var(--bar-height, 0px) + 10px)' };

/** Where notices appear, each with its way to take back what was done. */
export default function Notices() {
  useEffect(noticesPlaced, []);
  return (
    <Toaster
      position="bottom-center"
      containerAriaLabel={say.notices}
      duration={9000}
      offset={ABOVE_BAR}
      mobileOffset={ABOVE_BAR}
      toastOptions={{
        classNames: {
          toast: '!bg-neutral !text-neutral-content !border-0 !rounded-sm !text-base !font-sans',
          actionButton: '!bg-base-100 !text-ink !min-h-10 pointer-coarse:min-h-12 !px-4 !font-bold',
        },
      }}
    />
  );
}
