'use client';

import { counted } from '../../ui/words/counted';
import { rackWords as say } from './words';
import { sum } from 'd3-array';
import type { ReactNode } from 'react';
import type { EdgeNeed } from '../../core/inspection';
import type { Trip } from '../../domain/trip';
import { dayOfTrip, tripDayOf } from '../../domain/tripDays';
import { useCare, useNow } from '../../live';
import { shortDay, shortWeekday } from '../../ui/format';
import Link from '../../ui/Link';
import { gateWork } from './gateWork';
import { clockNow } from '../../domain/clock';

/** More lines than this do not fit above the bar; the rest is in Care. */
const MOST_LINES = 6;

/** The next trip as a gate on the rail: what goes stands before it, with what must be done by then. */
export default function Gate({ trip, needs }: { trip: Trip; needs: readonly EdgeNeed[] }) {
  const care = useCare();
  const lines = gateWork(trip, needs, care?.rows ?? [], useNow());
  const start = dayOfTrip(trip, 0);
  const away = -tripDayOf(trip, clockNow());
  const [shown, more] =
    lines.length > MOST_LINES
      ? [lines.slice(0, MOST_LINES - 1), lines.slice(MOST_LINES - 1)]
      : [lines, []];
  const total = sum(lines, (line) => line.minutes);
  return (
    <section aria-label={say.before(trip.name)} className="border-x-[10px] border-wood sm:h-full">
      <div className="bg-rail px-2 py-1 text-rail-ink">
        <Link
          href="/trip"
          className="sign inline-flex min-h-12 items-center text-lg underline underline-offset-4"
        >
          {trip.name}
        </Link>
        <p className="figures leading-tight">
          {shortWeekday(start)} {shortDay(start)}, {counted.day(trip.days)}
        </p>
      </div>
      <table className="figures w-full table-fixed">
        <thead>
          <tr className="border-b-2 border-ink text-left">
            <th className="pt-2 pl-2">{say.beforeIt}</th>
            <th className="w-10 pt-2 pr-1 text-right font-normal">{say.min}</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((line) => (
            <Line key={line.words} {...line} />
          ))}
          {more.length > 0 && (
            <Line
              words={
                <Link href="/care" className="link">
                  {say.soManyMore(more.length)}
                </Link>
              }
              minutes={sum(more, (line) => line.minutes)}
            />
          )}
        </tbody>
      </table>
      <p className="px-2 py-2 font-semibold">
        {/* Nothing is summed up before all of it is read: a figure that grows is none. */}
        {care && (lines.length === 0 ? say.nothingItMayGo : say.aboutSo(total))}
        {away > 0 && <span className="block font-normal text-soft">{say.inDays(away)}</span>}
      </p>
    </section>
  );
}

function Line({ words, minutes: own }: { words: ReactNode; minutes: number }) {
  return (
    <tr className="border-b border-rule">
      <td className="py-1 pl-2 leading-tight">{words}</td>
      <td className="py-1 pr-1 text-right align-top">{Math.round(own)}</td>
    </tr>
  );
}
