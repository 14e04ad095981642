'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';

/** Something that is opened by a tap, or by a word in the address of its screen, and closed again. */
export function useOpenByAddress(
  word: string,
  path: string,
): { isOpen: boolean; open: () => void; close: () => void } {
  const isAsked = useSearchParams().has(word);
  const router = useRouter();
  const [isOpen, setOpen] = useState(false);
  return {
    isOpen: isOpen || isAsked,
    open: () => setOpen(true),
    close: () => {
      setOpen(false);
      if (isAsked) router.replace(path);
    },
  };
}
