'use client';

import { counted } from '../../ui/words/counted';
import { careWords as say } from './words';
import { sum } from 'd3-array';
import { differenceInCalendarDays, formatISO, max, parseISO } from 'date-fns';
import { useState } from 'react';
import { careBeforeTrip, careGroups, type CareGroup, type CareRow } from '../../core/care';
import type { ZoneState } from '../../core/inspection';
import { workingSteel } from '../../core/wear';
import type { Trip } from '../../domain/trip';
import {
  useNow,
  useCareActs,
  useCare,
  useZoneStates,
  type CareActs,
  useRecords,
  useEdgeNeeds,
} from '../../live';
import { tripPhase, dayOfTrip, goesAlong } from '../../domain/tripDays';
import { minutes, day, listed } from '../../ui/format';
import Link from '../../ui/Link';
import { saveCalendar } from '../../ui/saveCalendar';
import { useWidth } from '../../ui/useWidth';
import { careGroupReason, careGroupTitle, careTitle } from '../../ui/words/careWords';
import { stopWords } from '../../ui/words/stopWords';
import { CareLine, PegHole } from './CareLine';
import { CareRule, ruleWidth } from './CareRule';
import { clockNow } from '../../domain/clock';
import { spoken } from '../../ui/words/closedWords';
import { touchUpLink } from '../../ui/links';
import { edgeName } from '../../domain/edgeName';
import { workInWords } from '../../ui/words/needWords';

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
          {say.countedByUseAlone(dateless.map((row) => careTitle(row)).join('; '))}
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

/** What was done while the screen stands: the peg in its hole, and the way to take it out again. */
function JustDoneLines({ acts }: { acts: CareActs }) {
  if (acts.justDone.length === 0) return null;
  return (
    <ul className="mt-3" aria-label={say.doneJustNow}>
      {acts.justDone.map((done, i) => (
        <li
          key={`${done.title} ${i}`}
          className="flex items-center gap-3 border-b border-rule text-soft"
        >
          <span className="grid size-12 place-items-center">
            <PegHole isFilled />
          </span>
          <b className="grow">{done.title}</b>
          {say.doneMark}
          <button
            type="button"
            className="link min-h-12 px-2"
            aria-label={say.undo(done.title)}
            onClick={() => void acts.undo(done)}
          >
            {say.undoButton}
          </button>
        </li>
      ))}
    </ul>
  );
}

/** The next trip across the list as a gate, with what its tools want on return. */
function CareGate({ trip }: { trip: Trip }) {
  const tools = useRecords('tools') ?? [];
  const rusts = tools.filter(
    ({ id, steel }) => goesAlong(trip, id) && !workingSteel(steel).stainless,
  );
  return (
    <div
      data-gate
      className="my-2 flex flex-wrap items-baseline gap-x-5 border-x-[10px] border-y-[3px] border-wood border-y-[var(--rail-edge)] bg-rail px-4 py-2 text-rail-ink"
    >
      <Link
        href="/trip"
        className="sign text-xl underline pointer-coarse:inline-flex pointer-coarse:min-h-12 pointer-coarse:items-center underline-offset-4"
      >
        {trip.name}
      </Link>
      <span>
        {day(dayOfTrip(trip, 0).toISOString())}, {counted.day(trip.days)}
        {trip.climate.length > 0 && `, ${listed(trip.climate.map(spoken))}`}
      </span>
      {rusts.length > 0 && <span>{say.dryAndOilBladesTonight(rusts.length)}</span>}
    </div>
  );
}

/** Edges whose shoulders wedge, or whose bevel has drifted: that is care, and has its own plan. */
function ThinningLines() {
  const needs = (useEdgeNeeds() ?? []).filter(
    ({ thinning, beyond }) => thinning !== null && (beyond === null || beyond === 'thin'),
  );
  return needs.map((need) => {
    const { tool, zone, plan } = need;
    return (
      <li
        key={`${tool.id} ${zone.id}`}
        className="grid min-h-14 grid-cols-[3rem_minmax(0,1fr)_auto] max-sm:grid-cols-[1.5rem_minmax(0,1fr)_auto] items-center gap-x-3 border-b border-rule"
      >
        <span />
        <span>
          <b>
            {edgeName(tool, zone)}: {workInWords(need).toLowerCase()}
          </b>{' '}
          {plan?.outcome === 'planned' && (
            <span className="figures text-soft">{minutes(plan.minutes)}</span>
          )}
        </span>
        <Link href={touchUpLink(need)} className="link inline-flex min-h-12 shrink-0 items-center">
          {say.planIt}
        </Link>
      </li>
    );
  });
}
