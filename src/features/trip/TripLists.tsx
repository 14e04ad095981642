import { spoken } from '../../ui/words/closedWords';
import { tripWords as say } from '../../ui/words/screens/trip';
import { sum } from 'd3-array';
import type { ReactNode } from 'react';
import { RUNGS_OUT, stoneWaterMl, type DoneOnTrip, type OutDay, type Spread } from '../../core';
import { tasksOfTrip } from '../../domain/tripTasks';
import { minutes, ml } from '../../ui/format';
import { Working } from '../../ui/Working';
import { setWords, spreadWords } from '../../ui/words/tripWords';
import { BackList } from './BackList';
import { BeforeList } from './BeforeList';
import { LeftUnticked } from './LeftUnticked';
import { ListHeading } from '../../ui/ListLine';
import type { ListProps } from './listProps';
import { OutDayLines } from './OutDayLines';

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
          answer: say.halfOfThemUnder(minutes(midJobMinutes.mean), minutes(midJobMinutes.median)),
        },
        {
          what: say.evening(dayName(day)),
          formula: shares(day, 'eveningWork'),
          answer: say.halfOfThemUnder(minutes(eveningMinutes.mean), minutes(eveningMinutes.median)),
        },
      ])}
    >
      <p className="mt-2 text-[0.95rem]">
        {say.theChanceOfEachKind(minutes(forecast.minutes.mean), minutes(forecast.minutes.median))}
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
      {say.stonesNeedUpToOf(ml(most), ml(atHandMl))}
      {most > atHandMl && say.useAFileADry}
    </p>
  );
}

function aboutWords(spread: Spread): string {
  return spread.high < 1 ? say.hardlyAny : say.about(spreadWords(spread));
}

function doneWords({ out }: DoneOnTrip): string {
  return minutes(sum(out.flat(), (line) => line.minutes));
}
