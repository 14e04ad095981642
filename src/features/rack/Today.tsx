'use client';

import { spoken } from '../../ui/words/closedWords';
import { rackWords as say } from './words';
import { ActionBar } from '../../ui/ActionBar';
import { isSameDay } from 'date-fns';
import { sum } from 'd3-array';
import { useMemo, useState } from 'react';
import type { EdgeNeed } from '../../core/inspection';
import {
  doneOnTrip,
  maintenancePlan,
  tonightLines,
  workSpan,
  type TonightLine,
  NAMED_FROM,
  type OutDay,
} from '../../core/trip';
import type { SpotOut } from '../../domain/spots';
import { edgeName } from '../../domain/edgeName';
import type { Tool } from '../../domain/tool';
import { dayOfTrip, tripDayOf } from '../../domain/tripDays';
import { useForecast, useNow, useSessionsBetween, useStandings, type TripOut } from '../../live';
import { minutes } from '../../ui/format';
import Link from '../../ui/Link';
import { tonightLink, TonightLines } from '../../ui/TonightLines';
import { tripQuery } from '../../ui/useChosenTrip';
import { edgeNames, type EdgeNamer } from '../../ui/words/edgeNames';
import { workInWords } from '../../ui/words/needWords';
import { TodayHours } from './TodayHours';
import { TodayMats } from './TodayMats';
import { chanceWords } from '../../ui/words/tripWords';
import { RungMark } from '../../ui/RungMark';
import { useRouter, useSearchParams } from 'next/navigation';

/** The rack while a trip is under way: what tonight asks for, with what is at hand where one stands. */
export function Today({ out, tools }: { out: TripOut; tools: readonly Tool[] }) {
  const { trip, needs } = out;
  const [spot, setSpot] = useState<SpotOut>('camp');
  const hours = useOpenByAddress('hours', '/');
  const now = useNow();
  const states = useStandings()?.states ?? [];
  const { answer } = useForecast(trip, states, now);
  const today = tripDayOf(trip, now);
  const { from, to } = useMemo(() => workSpan(trip), [trip]);
  const sessions = useSessionsBetween(from, to);
  const done = doneOnTrip(trip, sessions ?? []).out[today] ?? [];
  const days = answer && maintenancePlan({ trip, tools, needs: needs.camp, ...answer }).out;
  const tomorrow = days?.[today + 1] ?? null;
  const nameOf = edgeNames(tools);
  const linesAt = (where: SpotOut): TonightLine[] =>
    tonightLines(needs[where], days?.[today] ?? null, done);
  const lines = linesAt(spot);
  const total = sum(lines, (line) => line.minutes);
  const first = lines[0];
  return (
    <>
      <div className="mx-auto w-full max-w-[82rem] px-4 py-3 sm:px-8">
        <div className="flex flex-wrap items-baseline gap-x-6">
          <h1>{first ? say.tonightFirst(total, nameOf(first)) : say.nothingTonightWipeAndDry}</h1>
          <p className="text-soft">
            {say.dayOfTrip(
              <Link
                href={`/trip${tripQuery(trip.id)}`}
                className="link inline-flex min-h-12 items-center"
              >
                {trip.name}
              </Link>,
              today + 1,
              trip.days,
              dayOfTrip(trip, today),
            )}
          </p>
        </div>
        <div className="mt-1 grid gap-x-10 gap-y-3 lg:grid-cols-2">
          <div>
            <TodayMats trip={trip} now={now} chosen={spot} onChoose={setSpot} linesAt={linesAt} />
            <NotedToday needs={needs.camp.filter((need) => isNotedToday(need, now))} />
          </div>
          <div>
            <h2 className="border-b-2 border-ink">
              {say.tonightOf(total, trip.minutesPerEvening)}
            </h2>
            <ul>
              <TonightLines lines={lines} nameOf={nameOf} spot={spot} />
            </ul>
            {lines.length === 0 && <p className="py-2">{say.leaveTheEdgesAlone}</p>}
            {tomorrow && <TomorrowLines day={tomorrow} nameOf={nameOf} />}
          </div>
        </div>
      </div>
      <TodayBar
        isTold={trip.toldDays.includes(today)}
        onHours={hours.open}
        first={first}
        spot={spot}
      />
      {hours.isOpen && <TodayHours trip={trip} day={today} tools={tools} onClose={hours.close} />}
    </>
  );
}

/** The day's hours, and the one thing to do now. */
function TodayBar(props: {
  isTold: boolean;
  onHours: () => void;
  first: TonightLine | undefined;
  spot: SpotOut;
}) {
  const { isTold, onHours, first, spot } = props;
  return (
    <ActionBar className="order-last mt-auto print:static">
      <div className="mx-auto flex max-w-[82rem] items-center gap-3 px-4 py-3 sm:px-8">
        <button type="button" className="btn btn-outline h-auto py-2" onClick={onHours}>
          <span>
            {say.todaysHours}
            <span className="block text-[0.9rem] font-normal">
              {isTold ? 'told' : say.notInYet1Min}
            </span>
          </span>
        </button>
        {first && (
          <Link href={tonightLink(first, spot)} className="btn btn-primary ml-auto px-7 text-lg">
            {say.start(first.minutes)}
          </Link>
        )}
      </div>
    </ActionBar>
  );
}

/** Damage of today, and the way to note more. */
function NotedToday({ needs }: { needs: readonly EdgeNeed[] }) {
  return (
    <section aria-label={say.seenToday} className="mt-3">
      {needs.length > 0 && <h2>{say.seenToday}</h2>}
      <ul>
        {needs.map((need) => (
          <DamageLine key={`${need.tool.id}/${need.zone.id}`} need={need} />
        ))}
      </ul>
      <Link href="/inspect" className="btn btn-outline mt-2">
        {say.noteDamage}
      </Link>
    </section>
  );
}

function isNotedToday({ state }: EdgeNeed, now: string): boolean {
  return state.damageDepthMm > 0 && state.observedAt !== null && isSameDay(state.observedAt, now);
}

/** Damage of today: where and how deep, and what will be done about it with what is here. */
function DamageLine({ need }: { need: EdgeNeed }) {
  const { tool, zone, state } = need;
  const chip = state.findings.find(({ leftOnPurpose, depthMm }) => !leftOnPurpose && depthMm > 0);
  return (
    <li className="border-b border-rule py-2">
      <b>{edgeName(tool, zone)}</b>
      {chip && say.at(spoken(chip.kind), chip.depthMm, chip.atMm)}:{' '}
      {workInWords(need).toLowerCase()}
      {need.plan?.outcome === 'planned' && `, ${minutes(need.plan.minutes)}`}
    </li>
  );
}

/** What tomorrow will likely bring: in mid-job and in its evening. */
function TomorrowLines({ day, nameOf }: { day: OutDay; nameOf: EdgeNamer }) {
  const lines = [
    ...day.midJob.map((line) => ({ ...line, when: say.inMidJob })),
    ...day.evening.map((line) => ({ ...line, when: say.inTheEvening })),
  ].filter(({ chance }) => chance >= NAMED_FROM);
  return (
    <section aria-label={say.tomorrow} className="mt-3">
      <h2>{say.tomorrow}</h2>
      {lines.length === 0 && <p className="text-soft">{say.nothingIsLikely}</p>}
      <ul>
        {lines.map((line) => (
          <li
            key={`${line.edgeId} ${line.rung} ${line.when}`}
            className="flex items-center gap-3 py-1"
          >
            <RungMark rung={line.rung} chance={line.chance} />
            <span>
              <b>{nameOf(line)}</b> {spoken(line.rung)} {line.when}, {chanceWords(line.chance)},{' '}
              {minutes(line.minutes)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Something that is opened by a tap, or by a word in the address of its screen, and closed again. */
function useOpenByAddress(
  word: string,
  path: string,
): { isOpen: boolean; open: () => void; close: () => void } {
  const isAsked = useSearchParams().has(word);
  const router = useRouter();
  const [isOpen, setOpen] = useState(false);
  return {
    isOpen: isOpen || isAsked,
    open: () => setOpen(true),
    close: () => {
      setOpen(false);
      if (isAsked) router.replace(path);
    },
  };
}
