'use client';

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
      aria-label="The clock"
      className="mx-auto flex w-full max-w-[82rem] flex-wrap items-end gap-x-4 gap-y-2 border-b border-rule px-4 py-2 sm:px-8"
    >
      {spell.endedAt === null ? (
        <>
          <p className="min-w-0 flex-1 basis-72">
            This device’s clock says <b>{day(new Date().toISOString())}</b>, and the newest entry is
            of <b>{day(spell.from)}</b>. New entries are dated after it. Set the clock of the device
            and open this again; or, if it is right, bring back what is dated ahead.
          </p>
          <button type="button" className="btn btn-outline" onClick={() => void bringBack()}>
            The clock is right
          </button>
        </>
      ) : (
        <>
          <p className="min-w-0 flex-1 basis-72">
            The clock of this device was behind: entries from {day(spell.from)} on are dated too
            early.
          </p>
          <div className="w-48">
            <TextField
              label="The first was really on"
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
            Set them right
          </button>
        </>
      )}
      <button type="button" className="btn btn-ghost" onClick={() => void leave()}>
        Leave them
      </button>
    </section>
  );
}
