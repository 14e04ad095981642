'use client';

import { touchUpLink } from '../../ui/links';
import { spoken } from '../../ui/words/closedWords';
import { counted } from '../../ui/words/counted';
import { rackWords as say } from './words';
import { ActionBar } from '../../ui/ActionBar';
import { sum } from 'd3-array';
import Link from '../../ui/Link';
import { asksForWork, type EdgeNeed } from '../../core/inspection';
import {
  useCopies,
  useDrafts,
  useEdgeNeeds,
  useLost,
  useRecords,
  useTripOut,
  type Copies,
  type HalfDoneThings,
  type Had,
} from '../../live';
import type { Trip } from '../../domain/trip';
import { nextTrip, openTrips, tripDayOf, tripPhase, tripUnderWay } from '../../domain/tripDays';
import { tripQuery } from '../../ui/useChosenTrip';
import { dayAhead, minutes } from '../../ui/format';
import { stopWords } from '../../ui/words/stopWords';
import { ClockNotice } from './ClockNotice';
import { HalfDone } from './HalfDone';
import { Rail } from './Rail';
import { RackList } from './RackList';
import dynamic from 'next/dynamic';
import { SampleNotice } from './SampleNotice';
import { workInWords } from '../../ui/words/needWords';
import { clockNow } from '../../domain/clock';
import { attempt } from '../../ui/attempt';

const Today = dynamic(() => import('./Today').then((own) => own.Today), { ssr: false });

/** Home: what is blunt, what each tool needs before the next trip, and the one thing to do next. */
export function RackScreen() {
  const tools = useRecords('tools');
  const trips = useRecords('trips');
  const needs = useEdgeNeeds();
  const out = useTripOut();
  const halfDone = useDrafts();
  const copies = useCopies();
  const lost = useLost();
  if (!tools || !trips || !halfDone || !copies) return null;
  if (tools.length === 0)
    return (
      <>
        <HalfDone {...halfDone} />
        {lost ? <Lost had={lost} /> : <EmptyRack />}
      </>
    );
  const present = tripUnderWay(trips, clockNow());
  if (present && !(needs && out)) return <CountingTonight trip={present} />;
  if (!needs || out === undefined) return null;
  if (out) {
    return (
      <>
        <Reminders halfDone={halfDone} copies={copies} />
        <Today out={out} tools={tools} />
        <Rail tools={tools} needs={needs} trip={null} />
        <RackList tools={tools} needs={needs} trip={null} />
      </>
    );
  }

  const trip = nextTrip(trips, clockNow());
  const back = openTrips(trips).find(
    (own) => own.checkedInAt === null && tripPhase(own, clockNow()) === 'over',
  );
  const open = needs.filter(asksForWork);
  const total = sum(open, ({ plan }) => plan?.minutes ?? 0);
  const toolsWithWork = new Set(open.map(({ tool }) => tool.id)).size;
  return (
    <>
      <Reminders halfDone={halfDone} copies={copies} />
      <div className="mx-auto flex w-full max-w-[82rem] flex-wrap items-baseline gap-x-6 px-4 py-3 sm:px-8 sm:py-1">
        <h1>{trip ? `${trip.name}, ${counted.day(trip.days)} ${fromWhen(trip)}` : say.yourRack}</h1>
        {trip && (
          <Link href="/trip" className="link inline-flex min-h-12 items-center">
            {say.whatItsDaysNeed}
          </Link>
        )}
        <p className="text-lg text-soft">
          {toolsWithWork === 0
            ? say.noEdgeNeedsWorkLeave
            : say.needWork(toolsWithWork, total > 0 ? minutes(total) : null)}
        </p>
        {back && (
          <Link
            href={`/trip/back${tripQuery(back.id)}`}
            className="link inline-flex min-h-12 items-center"
          >
            {say.backFromLookTheTools(back.name)}
          </Link>
        )}
        <div className="ml-auto">
          <Link href="/lay-out" className="btn btn-outline">
            {say.layOutMore}
          </Link>
        </div>
      </div>
      <Rail tools={tools} needs={needs} trip={trip ?? null} />
      <RackList tools={tools} needs={needs} trip={trip ?? null} />
      <NextWork need={open.find(({ plan }) => plan?.outcome === 'planned') ?? open[0]} />
    </>
  );
}

/** What is said before anything else: whose data this is, what is half done, and that a copy is due. */
function Reminders({ halfDone, copies }: { halfDone: HalfDoneThings; copies: Copies }) {
  return (
    <>
      <SampleNotice />
      <ClockNotice />
      <HalfDone {...halfDone} />
      <CopyDue copies={copies} />
    </>
  );
}

/** The trip that is under way, while what tonight asks for is still planned. */
function CountingTonight({ trip }: { trip: Trip }) {
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-3 sm:px-8">
      <h1>{say.tripAndDay(trip.name, tripDayOf(trip, clockNow()) + 1, trip.days)}</h1>
      <p role="status" className="mt-2">
        {say.countingTonight}
      </p>
    </div>
  );
}

function fromWhen(trip: Trip): string {
  const away = -tripDayOf(trip, clockNow());
  if (away <= 0) return say.underWay;
  if (away === 1) return say.fromTomorrow;
  return say.fromDay(dayAhead(trip.startsOn, away));
}

function NextWork({ need }: { need: EdgeNeed | undefined }) {
  if (!need) return null;
  const { tool, zone, state, plan, stops } = need;
  const zoneName = tool.zones.length > 1 ? `, ${zone.name}` : '';
  const chip = state.findings.find(({ kind, leftOnPurpose }) => kind === 'chip' && !leftOnPurpose);
  const reason =
    stops.length > 0
      ? say.doNotUseOrSharpen(stopWords(stops))
      : chip
        ? say.chipAndEdge(chip.depthMm, chip.atMm - zone.startMm, spoken(state.word))
        : state.word === 'unknown'
          ? say.itHasNeverBeenTested
          : say.edgeIsTimesAsRound(
              spoken(state.word),
              Math.round(state.apex!.apexRadiusUm / zone.targetApexUm),
            );
  return (
    <ActionBar label={say.doThisNext} className="mt-auto print:static">
      <div className="mx-auto flex max-w-[82rem] flex-wrap items-center gap-x-6 gap-y-2 px-4 py-3 sm:px-8">
        <h2>{say.nextFor(workInWords(need).toLowerCase(), tool.name, zoneName)}</h2>
        <p className="hidden max-w-[46ch] text-soft sm:block">{reason}</p>
        <Link href={touchUpLink(need)} className="btn btn-primary ml-auto px-7 text-lg">
          {plan?.outcome === 'planned' ? say.start(plan.minutes) : say.lookAtIt}
        </Link>
      </div>
    </ActionBar>
  );
}

function EmptyRack() {
  return (
    <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
      <h1>{say.layOutWhatYouHave}</h1>
      <p className="mt-3 max-w-[60ch] text-lg">{say.howToLayOut}</p>
      <p className="mt-3 max-w-[60ch] text-soft">{say.learnOnACheapKnife}</p>
      <div className="mt-6 flex flex-wrap gap-3">
        <Link href="/lay-out" className="btn btn-primary">
          {say.layOutWhatYouHave}
        </Link>
        <Link href="/data" className="btn btn-ghost">
          {say.bringInFileOrSample}
        </Link>
      </div>
    </section>
  );
}

/** The database is empty, and was not: nothing takes its place before the person has said what does. */
function Lost({ had }: { had: Had }) {
  return (
    <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
      <h1>{say.whatWasHereIsGone}</h1>
      <p className="mt-3 max-w-[60ch] text-lg">{say.hungHereOnABrowser(had.tools, had.at)}</p>
      <p className="mt-5">
        <Link href="/data" className="btn btn-primary px-7 text-lg">
          {say.bringInACopy}
        </Link>
      </p>
    </section>
  );
}

/** Says when the last copy outside the browser was made, where that is too long ago; a tap makes one. */
function CopyDue({ copies }: { copies: Copies }) {
  if (!copies.isDue) return null;
  const { last, since, hand } = copies;
  return (
    <section
      aria-label={say.copyDue}
      className="mx-auto flex w-full max-w-[82rem] flex-wrap items-center gap-x-4 border-b border-rule px-4 py-1 sm:px-8"
    >
      <p>{last ? say.lastCopyOutside(last.at, since) : say.noCopyOutside}</p>
      <button type="button" className="btn btn-outline" onClick={() => attempt(hand('share'))}>
        {say.makeACopy}
      </button>
      <Link href="/data" className="link inline-flex min-h-12 items-center">
        {say.keepCopiesByThemselves}
      </Link>
    </section>
  );
}
