'use client';

import { counted } from '../../ui/words/counted';
import { careWords as say } from '../../ui/words/screens/care';
import { sum } from 'd3-array';
import { differenceInCalendarDays, formatISO, max, parseISO } from 'date-fns';
import { useState } from 'react';
import {
  careBeforeTrip,
  careGroups,
  type CareGroup,
  type CareRow,
  type ZoneState,
} from '../../core';
import type { Trip } from '../../domain/trip';
import { useNow, useCareActs, useCare, useZoneStates } from '../../live';
import { tripPhase } from '../../domain/tripDays';
import { minutes } from '../../ui/format';
import Link from '../../ui/Link';
import { saveCalendar } from '../../ui/saveCalendar';
import { useWidth } from '../../ui/useWidth';
import { careGroupReason, careGroupTitle, careTitle } from '../../ui/words/careWords';
import { stopWords } from '../../ui/words/stopWords';
import { CareGate } from './CareGate';
import { CareLine } from './CareLine';
import { CareRule, ruleWidth } from './CareRule';
import { JustDoneLines } from './JustDoneLines';
import { ThinningLines } from './ThinningLines';
import { clockNow } from '../../domain/clock';

/** Screens narrower than this have the narrow rule. */
const NARROW_PX = 640;

/** What is due on tools, stones and strops, by use and by the calendar, with the next trip as a gate. */
export function CareScreen() {
  const care = useCare();
  const states = useZoneStates();
  return care && states ? <CareBoard {...care} states={states} /> : null;
}

function CareBoard(props: { rows: CareRow[]; trip: Trip | null; states: readonly ZoneState[] }) {
  const { rows, states } = props;
  const now = useNow();
  // What has begun pulls nothing forward any more.
  const trip = props.trip && tripPhase(props.trip, now) === 'ahead' ? props.trip : null;
  const acts = useCareActs();
  const [list, setList] = useState<HTMLDivElement | null>(null);
  const [frame, width] = useWidth<HTMLDivElement>(1200);
  const isNarrow = width < NARROW_PX;
  const before = trip ? careBeforeTrip(rows, trip, now) : rows.filter(isDue);
  const due = careGroups(rows.filter((row) => before.includes(row) || isDue(row)));
  const dated = rows.filter(({ dueAt }) => dueAt !== null);
  const later = careGroups(dated.filter((row) => !due.flat().includes(row)));
  const dateless = rows.filter(({ dueAt }) => dueAt === null);
  const total = sum(before, (row) => row.minutes);
  const line = (group: CareGroup) => (
    <CareLine key={`${group[0].thingId} ${group[0].doing}`} rows={group} acts={acts} />
  );
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-4 sm:px-8">
      <div ref={frame} className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h1>
          {before.length === 0
            ? say.nothingIsDue
            : `${counted.thing(careGroups(before).length)} ${trip ? say.beforeTrip(trip.name) : say.dueNow}, ${minutes(total)}`}
        </h1>
        {stoppedOnce(states).map(({ tool, stops }) => (
          <p key={tool.id}>
            <b>{say.stopUse(tool.name)}</b> {stopWords(stops)}.
          </p>
        ))}
        <button
          type="button"
          className="link ml-auto min-h-12"
          onClick={() =>
            void saveCalendar('open-trail-care.ics', calendarLines([...due, ...later]))
          }
        >
          {say.intoACalendar}
        </button>
      </div>
      {rows.length === 0 && <Nothing />}
      <JustDoneLines acts={acts} />
      <div
        ref={setList}
        className="relative mt-3"
        style={{ paddingLeft: rows.length > 0 ? ruleWidth(isNarrow) : 0 }}
      >
        {rows.length > 0 && (
          <CareRule
            list={list}
            trip={trip}
            isNarrow={isNarrow}
            groups={[...due, ...later]}
            dueCount={due.length}
          />
        )}
        <ul className="border-t-2 border-ink" aria-label={say.due}>
          <ThinningLines />
          {due.map(line)}
        </ul>
        {trip && <CareGate trip={trip} />}
        <ul aria-label={say.later}>{later.map(line)}</ul>
      </div>
      {dateless.length > 0 && (
        <p className="mt-3 text-soft">
          <b>{say.noDate}</b>{' '}
          {say.theyAreCountedByUse(dateless.map((row) => careTitle(row)).join('; '))}
        </p>
      )}
    </div>
  );
}

function Nothing() {
  return (
    <p className="mt-4 text-lg">
      {say.nothingToLookAfterYet}{' '}
      <Link href="/lay-out" className="link">
        {say.layOutWhatYouHave}
      </Link>
    </p>
  );
}

/** Each tool that must not be used, once. */
function stoppedOnce(states: readonly ZoneState[]): ZoneState[] {
  return states.filter(
    ({ stops, tool }, i) =>
      stops.length > 0 && states.findIndex((own) => own.tool.id === tool.id) === i,
  );
}

function isDue({ dueAt, putOff }: CareRow): boolean {
  return dueAt !== null && !putOff && differenceInCalendarDays(parseISO(dueAt), clockNow()) <= 0;
}

/** Every dated row as a day in a calendar; what is over stands on today. */
function calendarLines(groups: readonly CareGroup[]) {
  return groups.map((group) => {
    const row = group[0];
    const due = max([parseISO(row.putOff?.until ?? row.dueAt!), clockNow()]);
    const things = group.map(({ thingId }) => thingId).sort();
    return {
      id: `care ${row.doing} ${things.join(' ')}`,
      title: careGroupTitle(group),
      details: [careGroupReason(group), minutes(sum(group, (each) => each.minutes))],
      startsOn: formatISO(due, { representation: 'date' }),
    };
  });
}
