import { spoken } from '../../ui/words/closedWords';
import { tripWords as say } from './words';
import { sum } from 'd3-array';
import type { ReactNode } from 'react';
import { leftUnticked, shelfThings } from '../../core/ladder';
import {
  RUNGS_OUT,
  stoneWaterMl,
  type DoneOnTrip,
  type OutDay,
  type Spread,
} from '../../core/trip';
import { tasksOfTrip } from '../../domain/tripTasks';
import { minutes, listed } from '../../ui/format';
import { Working } from '../../ui/Working';
import { setWords, spreadWords } from '../../ui/words/tripWords';
import { BeforeList, CareLines } from './BeforeList';
import { ListHeading, DoneListLine, HomeLines, ListLine } from '../../ui/ListLine';
import type { ListProps } from './listProps';
import { OutDayLines } from './OutDayLines';
import type { Trip } from '../../domain/trip';
import { useNow, useRecords, useShelf } from '../../live';
import Link from '../../ui/Link';
import { tripQuery } from '../../ui/useChosenTrip';
import { mayCheckIn } from '../../domain/tripDays';
import { jobLink } from '../../ui/jobAddress';

/**
 * What to do before leaving, out there, and on return, in places of the grid around them; each line starts
 * its job, or says that it is done. `children` follow the last list.
 */
export function TripLists({ children, ...props }: ListProps & { children: ReactNode }) {
  return (
    <>
      {props.phase !== 'over' && <BeforeList {...props} />}
      <OutThere {...props} />
      <div>
        <BackList {...props} />
        {children}
      </div>
    </>
  );
}

function OutThere(props: ListProps) {
  const { trip, plan, forecast, done, sets, phase, today, tools, dayName, nameOf } = props;
  return (
    <section aria-label={say.outThere}>
      <ListHeading
        title={phase === 'over' ? say.outThereByTheLog : say.outThere}
        sum={phase === 'over' ? doneWords(done) : aboutWords(forecast.minutes)}
      />
      <ul className={phase === 'over' ? '' : 'gap-x-10 lg:columns-2'}>
        {plan.out.map((day) => (
          <OutDayLines
            key={day.day}
            day={day}
            done={done.out[day.day] ?? []}
            nameOf={nameOf}
            dayName={dayName(day.day)}
            isPast={phase === 'over' || (phase === 'under way' && day.day < today)}
          />
        ))}
      </ul>
      {phase !== 'over' && <LeftUnticked trip={trip} />}
      {phase !== 'over' && <DaysWorking {...props} />}
      {phase !== 'over' && <WaterOfDays days={plan.out} atHandMl={stoneWaterMl(trip)} />}
      {phase !== 'over' &&
        sets.map((advice) => {
          const tool = tools.find(({ id }) => id === advice.toolId);
          return (
            tool && (
              <p key={advice.edgeId} className="mt-2">
                {setWords(
                  advice,
                  tool.name,
                  dayName(advice.day),
                  tasksOfTrip(trip).find(({ id }) => id === advice.lasts.taskId),
                )}
              </p>
            )
          );
        })}
    </section>
  );
}

/** What the minutes of each day are made of: every edge's share, in mid-job and in the evening. */
function DaysWorking({ plan, forecast, nameOf, dayName }: ListProps) {
  const shares = (day: number, when: 'midJob' | 'eveningWork'): string =>
    forecast.edges
      .flatMap((edge) => {
        const own = edge.days[day]!;
        const by = when === 'midJob' ? own.midJobMinutesBy : own.eveningMinutesBy;
        return RUNGS_OUT.filter((rung) => own[when][rung] * by[rung] >= LEAST_SHARE_MINUTES).map(
          (rung) =>
            `${nameOf(edge)}, ${spoken(rung)} ${rounded(own[when][rung])} × ${rounded(by[rung])}`,
        );
      })
      .join(' + ') || 'nothing';
  return (
    <Working
      lines={plan.out.flatMap(({ day, midJobMinutes, eveningMinutes }) => [
        {
          what: say.midJob(dayName(day)),
          formula: shares(day, 'midJob'),
          answer: say.halfOfThemUnder(midJobMinutes.mean, midJobMinutes.median),
        },
        {
          what: say.evening(dayName(day)),
          formula: shares(day, 'eveningWork'),
          answer: say.halfOfThemUnder(eveningMinutes.mean, eveningMinutes.median),
        },
      ])}
    >
      <p className="mt-2 text-[0.95rem]">
        {say.theChanceOfEachKind(forecast.minutes.mean, forecast.minutes.median)}
      </p>
    </Working>
  );
}

const rounded = (value: number): number => Math.round(100 * value) / 100;

/** Work whose share of a day is smaller (min) is not named. */
const LEAST_SHARE_MINUTES = 0.05;

function WaterOfDays({ days, atHandMl }: { days: readonly OutDay[]; atHandMl: number }) {
  const most = Math.max(0, ...days.map(({ waterMl }) => waterMl.high));
  if (most < 1) return null;
  return (
    <p className={most > atHandMl ? 'field-error mt-2' : 'mt-2 text-[0.95rem] text-soft'}>
      {say.waterNeededOf(most, atHandMl)} {most > atHandMl && say.useDryThings}
    </p>
  );
}

function aboutWords(spread: Spread): string {
  return spread.high < 1 ? say.hardlyAny : say.about(spreadWords(spread));
}

function doneWords({ out }: DoneOnTrip): string {
  return minutes(sum(out.flat(), (line) => line.minutes));
}

/** What of the kit nothing here counts on, as it was not ticked while packing. */
function LeftUnticked({ trip }: { trip: Trip }) {
  const shelf = useShelf();
  const helpers = useRecords('helpers');
  const now = useNow();
  if (!shelf || !helpers) return null;
  const things = leftUnticked([...shelfThings(shelf), ...helpers], trip, now);
  if (things.length === 0) return null;
  return (
    <p className="mt-2">
      {say.notTickedWhilePacking} <b>{listed(things.map(({ name }) => name))}</b>.{' '}
      <Link href={`/kit${tripQuery(trip.id)}`} className="link">
        {say.tickWhatIsHere}
      </Link>
    </p>
  );
}

/** What to do on return: look everything through, dry it, and what each edge wants then. */
function BackList(props: ListProps) {
  const { trip, plan, careAfter, done, phase, tools, nameOf } = props;
  const isOver = phase === 'over';
  const now = useNow();
  const ahead = isOver ? plan.home : plan.back;
  const total = sum<{ minutes: number }>(ahead, (line) => line.minutes);
  const nameOfTool = (toolId: string): string => tools.find(({ id }) => id === toolId)?.name ?? '';
  const rusting = plan.rust.filter(({ risk }) => risk === 'high').map(({ toolId }) => toolId);
  const some = plan.rust.filter(({ risk }) => risk === 'some').map(({ toolId }) => toolId);
  return (
    <section aria-label={say.whenYouAreBack}>
      <ListHeading
        title={say.whenYouAreBack}
        sum={total > 0 ? `about ${minutes(total)}` : 'little'}
      />
      <ul>
        <li className="border-b border-rule py-2">
          {trip.checkedInAt ? (
            say.lookedThroughOnReturn
          ) : !mayCheckIn(trip, now) ? (
            say.lookThroughFrom
          ) : (
            <Link
              href={`/trip/back${tripQuery(trip.id)}`}
              className={isOver ? 'btn btn-primary' : 'link inline-flex min-h-12 items-center'}
            >
              {say.lookTheToolsThrough}
            </Link>
          )}
        </li>
        <CareLines care={careAfter} />
        {!isOver && rusting.length > 0 && (
          <li className="border-b border-rule py-2">
            <b>{listed(rusting.map(nameOfTool))}</b> {say.willRustThere}
            {some.length > 0 && say.aLittle(some.map(nameOfTool))}
          </li>
        )}
        {isOver ? (
          <HomeLines home={plan.home} />
        ) : (
          plan.back.map((line) => (
            <ListLine
              key={line.edgeId}
              name={nameOf(line)}
              says={line.rung}
              link={jobLink({ toolId: line.toolId, zoneId: line.zoneId, job: 'touch-up' })}
              minutes={minutes(line.minutes)}
            />
          ))
        )}
        {done.back.map((line) => (
          <DoneListLine key={line.sessionId} name={nameOf(line)} done={line} />
        ))}
      </ul>
      {trip.carried.some(({ used }) => used !== null) && <Used trip={trip} />}
    </section>
  );
}

/** What of the things that went along was used. */
function Used({ trip: { carried } }: { trip: Trip }) {
  const used = carried.filter((thing) => thing.used).length;
  return <p className="mt-2 text-soft">{say.thingsUsedOfCarried(used, carried.length)}</p>;
}
