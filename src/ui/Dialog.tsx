'use client';

import { useEffect, useId, useRef, type ReactNode } from 'react';

/** A dialog that stands open while it is shown; Escape and its own buttons close it. */
export function Dialog(props: {
  title: string;
  wide?: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  const { title, wide = false, onClose, children } = props;
  const ref = useRef<HTMLDialogElement>(null);
  const id = useId();
  useEffect(() => ref.current!.showModal(), []);
  return (
    <dialog
      ref={ref}
      onClose={onClose}
      aria-labelledby={id}
      className={`m-auto max-h-[92dvh] ${wide ? 'w-[min(46rem,96vw)]' : 'w-[min(34rem,94vw)]'} overflow-y-auto bg-base-100 p-6 text-ink backdrop:bg-black/60`}
    >
      <h2 id={id}>{title}</h2>
      {children}
    </dialog>
  );
}
