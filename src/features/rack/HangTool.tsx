'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';

const HangToolDialog = dynamic(() => import('./HangToolDialog'), { ssr: false });

/** The way to a new tool on the rack. */
export function HangTool() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="btn btn-outline" onClick={() => setOpen(true)}>
        Hang a tool
      </button>
      {open && <HangToolDialog onClose={() => setOpen(false)} />}
    </>
  );
}
