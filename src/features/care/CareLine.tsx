'use client';

import { spoken } from '../../ui/words/closedWords';
import { careWords as say } from './words';
import { sum } from 'd3-array';
import { useState } from 'react';
import { careGroupKey, USUAL_EVERY, type CareGroup, type CareRow } from '../../core/care';
import { LimitedNumberField, TextField } from '../../ui/forms/fields';
import { minutes } from '../../ui/format';
import { careDue, careGroupReason, careGroupTitle } from '../../ui/words/careWords';
import type { CareActs } from '../../live';
import { clockNow } from '../../domain/clock';

const WAITS = [
  [7, say.aWeek],
  [30, say.aMonth],
  [180, say.halfAYear],
] as const;

/** One row: the hole that a peg fills when it is done, how its day follows, and when it is due. */
export function CareLine({ rows, acts }: { rows: CareGroup; acts: CareActs }) {
  const [isOpen, setOpen] = useState(false);
  const row = rows[0];
  const { used, putOff, dueAt, ownDueAt, tripId } = row;
  const title = careGroupTitle(rows);
  const minutesOfAll = sum(rows, (each) => each.minutes);
  return (
    <li className="border-b border-rule" data-due={careGroupKey(row)}>
      <div className="grid grid-cols-[3rem_1fr] items-start gap-x-3 sm:items-center sm:grid-cols-[3rem_1.3fr_9rem_1.7fr_8rem]">
        <button
          type="button"
          className="grid size-12 cursor-pointer place-items-center"
          aria-label={say.done(title)}
          onClick={() => void acts.done(rows, '').catch(() => {})}
        >
          <PegHole isFilled={false} />
        </button>
        <button
          type="button"
          className="min-h-12 cursor-pointer text-left leading-snug"
          aria-expanded={isOpen}
          onClick={() => setOpen(!isOpen)}
        >
          <b className="underline decoration-1 underline-offset-4">{title}</b>{' '}
          <span className="figures whitespace-nowrap text-soft">{minutes(minutesOfAll)}</span>
        </button>
        <span className="hidden sm:block">
          {used && rows.length === 1 && <LimitBar used={used} />}
        </span>
        <span className="col-start-2 row-start-3 pb-2 text-[0.95rem] leading-snug text-soft sm:col-start-4 sm:row-start-1 sm:pb-0">
          {careGroupReason(rows)}
          {putOff && say.putOffUntil(putOff.until, putOff.note && `: ${putOff.note}`)}
        </span>
        <span className="col-start-2 row-start-2 leading-tight sm:col-start-5 sm:row-start-1 sm:text-right">
          <b>{careDue(row, clockNow())}</b>
          {tripId && ownDueAt && dueAt !== ownDueAt && (
            <span className="text-[0.9rem] text-soft sm:block"> {say.else(ownDueAt)}</span>
          )}
        </span>
      </div>
      {isOpen && <More rows={rows} acts={acts} />}
    </li>
  );
}

/** A hole in the wood, and the peg that fills it. */
export function PegHole({ isFilled }: { isFilled: boolean }) {
  return (
    <svg width={26} height={26} aria-hidden>
      <circle cx={13} cy={13} r={10} fill="none" stroke="var(--ink)" strokeWidth={2.2} />
      {isFilled && (
        <path
          d="M7,13a6,6 0 1 1 12,0a6,6 0 1 1 -12,0M9,11l8,0"
          fill="var(--wood)"
          stroke="var(--ink)"
          strokeWidth={1.4}
        />
      )}
    </svg>
  );
}

/** How much of a limit is used; what goes over it runs past the end. */
function LimitBar({ used }: { used: NonNullable<CareRow['used']> }) {
  const share = used.amount / used.most;
  const limit = 110;
  const end = Math.min(1.2, share) * limit;
  return (
    <svg
      width={140}
      height={18}
      role="img"
      aria-label={say.usedOf(used.amount, used.most, spoken(used.unit))}
    >
      <line x1={0} x2={limit} y1={9} y2={9} stroke="var(--rule)" strokeWidth={2} />
      <line x1={0} x2={Math.min(end, limit)} y1={9} y2={9} stroke="var(--ink)" strokeWidth={5} />
      {share > 1 && (
        <path
          d={`M${limit},9l4,-5l4,8l4,-8l4,8`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.8}
        />
      )}
      <line x1={limit} x2={limit} y1={1} y2={17} stroke="var(--ink)" strokeWidth={2} />
    </svg>
  );
}

/** A note, a while to wait, and another interval. */
function More({ rows, acts }: { rows: CareGroup; acts: CareActs }) {
  const row = rows[0];
  const [reason, setReason] = useState('');
  const usual = USUAL_EVERY[row.doing];
  const [every, setEvery] = useState(row.used?.most ?? usual.most);
  const [freshLeft, setFreshLeft] = useState(
    row.freshLeft === null ? null : Math.max(0, row.freshLeft - 1),
  );
  return (
    <div className="grid gap-4 pb-3 pl-12">
      <div className="grid gap-4 sm:grid-cols-[2fr_1fr]">
        <TextField
          label={say.noteOrWhyItWaits}
          value={reason}
          maxLength={200}
          onChange={(event) => setReason(event.target.value)}
        />
        {freshLeft !== null && (
          <LimitedNumberField
            label={say.freshOnesLeftThen}
            min={0}
            max={1000}
            value={freshLeft}
            onValue={(left) => setFreshLeft(Math.round(left))}
          />
        )}
      </div>
      <span className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => void acts.done(rows, reason.trim(), freshLeft).catch(() => {})}
        >
          {say.doneWithThisNote}
        </button>
        {say.orWait}
        {WAITS.map(([days, words]) => (
          <button
            key={days}
            type="button"
            className="btn btn-outline"
            onClick={() => void acts.putOff(rows, days, reason.trim()).catch(() => {})}
          >
            {words}
          </button>
        ))}
      </span>
      {row.used && (
        <span className="flex flex-wrap items-end gap-2">
          <LimitedNumberField
            label={say.everySoManyUsually(spoken(usual.unit), usual.most)}
            min={1}
            max={1_000_000}
            value={every}
            onValue={setEvery}
          />
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => void acts.setEvery(rows, every).catch(() => {})}
          >
            {say.setIt}
          </button>
        </span>
      )}
    </div>
  );
}
