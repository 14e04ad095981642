'use client';

import { rackWords as say } from './words';
import { formatISO } from 'date-fns';
import { useState } from 'react';
import { useClock } from '../../live';
import { TextField } from '../../ui/forms/fields';
import { day } from '../../ui/format';

/** Says that the clock ran behind what is written, and sets the entries of that time right in one act. */
export function ClockNotice() {
  const clock = useClock();
  const [firstDay, setFirstDay] = useState<string | null>(null);
  if (!clock) return null;
  const { spell, bringBack, setRight, leave } = clock;
  const first = firstDay ?? formatISO(spell.from, { representation: 'date' });
  return (
    <section
      aria-label={say.theClock}
      className="mx-auto flex w-full max-w-[82rem] flex-wrap items-end gap-x-4 gap-y-2 border-b border-rule px-4 py-2 sm:px-8"
    >
      {spell.endedAt === null ? (
        <>
          <p className="min-w-0 flex-1 basis-72">
            {say.clockBehindNewestEntry(
              <b>{day(new Date().toISOString())}</b>,
              <b>{day(spell.from)}</b>,
            )}
          </p>
          <button type="button" className="btn btn-outline" onClick={() => void bringBack()}>
            {say.theClockIsRight}
          </button>
        </>
      ) : (
        <>
          <p className="min-w-0 flex-1 basis-72">{say.theClockOfThisDevice(spell.from)}</p>
          <div className="w-48">
            <TextField
              label={say.theFirstWasReallyOn}
              type="date"
              value={first}
              onChange={(event) => setFirstDay(event.target.value)}
            />
          </div>
          <button
            type="button"
            className="btn btn-primary"
            disabled={first === ''}
            onClick={() => void setRight(first)}
          >
            {say.setThemRight}
          </button>
        </>
      )}
      <button type="button" className="btn btn-ghost" onClick={() => void leave()}>
        {say.leaveThem}
      </button>
    </section>
  );
}
