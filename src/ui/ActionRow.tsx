import type { ReactNode } from 'react';
import { ActionBar } from './ActionBar';

/** What ends a step or goes on with it, side by side at the thumb; a line over it says how things stand. */
export function ActionRow({ says, children }: { says?: ReactNode; children: ReactNode }) {
  return (
    <ActionBar className="mt-auto">
      <div className="mx-auto grid w-full max-w-3xl gap-1 px-4 py-2 sm:px-8">
        {says && <p className="leading-tight font-semibold">{says}</p>}
        <div className="grid auto-cols-fr grid-flow-col gap-2 *:h-auto *:px-2 *:leading-tight">
          {children}
        </div>
      </div>
    </ActionBar>
  );
}
