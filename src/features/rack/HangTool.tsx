'use client';

import dynamic from 'next/dynamic';
import { useOpenByAddress } from '../../ui/useOpenByAddress';

const HangToolDialog = dynamic(() => import('./HangToolDialog'), { ssr: false });

/** The way to a new tool on the rack. */
export function HangTool() {
  const { isOpen, open, close } = useOpenByAddress('hang', '/');
  return (
    <>
      <button type="button" className="btn btn-outline" onClick={open}>
        Hang a tool
      </button>
      {isOpen && <HangToolDialog onClose={close} />}
    </>
  );
}
