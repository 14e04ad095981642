'use client';

import { useEffect } from 'react';
import { Toaster } from 'sonner';
import { noticesPlaced } from '../../ui/notice';

/** Where notices appear, each with its way to take back what was done. */
export default function Notices() {
  useEffect(noticesPlaced, []);
  return (
    <Toaster
      position="bottom-center"
      duration={9000}
      toastOptions={{
        classNames: {
          toast: '!bg-neutral !text-neutral-content !border-0 !rounded-sm !text-base !font-sans',
          actionButton: '!bg-base-100 !text-ink !min-h-10 !px-4 !font-bold',
        },
      }}
    />
  );
}
