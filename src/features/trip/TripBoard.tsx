'use client';

import { tripWords as say } from './words';
import { shortWeekday } from '../../ui/format';
import { ActionBar } from '../../ui/ActionBar';
import { getHours } from 'date-fns';
import dynamic from 'next/dynamic';
import { useMemo } from 'react';
import { careAfterTrip, careBeforeTrip } from '../../core/care';
import { doneOnTrip, maintenancePlan, tonightLines, travelling, workSpan } from '../../core/trip';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { dayOfTrip, tripDayOf, tripPhase } from '../../domain/tripDays';
import {
  useCare,
  useForecast,
  useTripOut,
  useNow,
  useRecords,
  useSessionsBetween,
  useStandings,
  type ForecastAnswer,
  useSaveState,
  type ShownForecast,
} from '../../live';
import { Brush } from './Brush';
import { CellStepper } from './CellStepper';
import { edgeNames } from '../../ui/words/edgeNames';
import { Tonight } from './OutDayLines';
import { dayCopiedOn, rubbedOut, withCount, withHourMore, withHours } from './paint';
import { TaskPatterns } from './TaskPattern';
import { ToolChart } from './ToolChart';
import { TripFacts } from './TripFacts';
import { TripLists } from './TripLists';
import { TripWhatIf } from './TripWhatIf';

import { usePainting, type Painting } from './usePainting';
import { WorkGrid } from './WorkGrid';
import { tasksOfTrip, type TripTask } from '../../domain/tripTasks';
import { failureWords } from '../../ui/words/failureWords';
import { SavedWord } from '../../ui/SavedWord';

const CalendarButton = dynamic(() => import('./CalendarButton'), { ssr: false });

/** From this hour on a day's work is over. */
const EVENING_HOUR = 17;

/** A trip under the brush: shown at once, kept beside it. */
// eslint-disable-next-line max-lines-per-function -- the one place where grid, chart, lists and forecast of a trip meet
export function TripBoard({ kept }: { kept: Trip }) {
  const tools = useRecords('tools') ?? [];
  const { states, needs } = useStandings()!;
  const now = useNow();
  const care = useCare();
  const painting = usePainting(kept);
  const { trip, change, paint, taskId, setTaskId, picked, pick } = painting;
  const tasks = useMemo(() => tasksOfTrip(trip), [trip]);
  const going = new Set(travelling(trip, states).map(({ tool }) => tool.id));
  const usable = tools.filter(({ id }) => going.has(id));
  const chosenTool = usable.find(({ id }) => id === picked?.toolId) ?? usable[0];
  const shownForecast = useForecast(trip, states, now);
  const { answer } = shownForecast;
  const phase = tripPhase(trip, now);
  const today = tripDayOf(trip, now);
  const { from, to } = useMemo(() => workSpan(trip), [trip]);
  const sessions = useSessionsBetween(from, to);
  const done = useMemo(() => doneOnTrip(trip, sessions ?? []), [trip, sessions]);
  const dayName = (day: number): string =>
    `${shortWeekday(dayOfTrip(trip, day))} ${dayOfTrip(trip, day).getDate()}`;

  const nameOf = edgeNames(tools);
  const plan = answer && maintenancePlan({ trip, tools, needs, ...answer });
  const tonight = phase === 'under way' ? plan?.out[today] : undefined;
  const out = useTripOut();
  const needsThere = out?.trip.id === trip.id ? out.needs.camp : [];
  const cell = picked && going.has(picked.toolId) && picked.day < trip.days ? picked : null;
  const brush = <Brush tasks={tasks} chosen={taskId} onChoose={setTaskId} />;
  return (
    <>
      <TaskPatterns taskIds={tasks.map(({ id }) => id)} />
      {tonight && (
        <Tonight
          day={tonight}
          lines={tonightLines(needsThere, tonight, done.out[today] ?? [])}
          done={done.out[today] ?? []}
          nameOf={nameOf}
          dayName={dayName(today)}
          isEvening={getHours(now) >= EVENING_HOUR}
        />
      )}
      <div className="mt-2">
        <TripFacts
          trip={trip}
          tools={tools}
          onChange={(part) => change((own) => ({ ...own, ...part }))}
        />
      </div>
      <div className="mt-3 grid gap-x-10 gap-y-6 lg:grid-cols-[2.3fr_1fr]">
        <div className="min-w-0">
          <div className="hidden sm:block">{brush}</div>
          <WorkGrid
            trip={trip}
            tools={usable}
            tasks={tasks}
            forecast={answer?.forecast ?? null}
            problem={answer?.problem ?? null}
            dayName={dayName}
            dayNote={(day, isNarrow) => eveningWords(trip, answer, day, isNarrow)}
            picked={cell}
            chosenToolId={chosenTool?.id ?? null}
            onChoose={(toolId) => pick({ toolId, day: Math.max(0, picked?.day ?? 0) })}
            onPick={(toolId, day) => pick({ toolId, day })}
            onPaint={(toolId, day, hours) =>
              paint(toolId, day, (own) => withHours(own, { toolId, day }, taskId, hours))
            }
            onTap={(toolId, day) =>
              paint(toolId, day, (own) => withHourMore(own, { toolId, day }, taskId))
            }
            onRubOut={(toolId, day) => change((own) => rubbedOut(own, { toolId, day }))}
            onCopyDay={(day) => change((own) => dayCopiedOn(own, day))}
            chart={
              chosenTool && (
                <ToolChart
                  key={chosenTool.id}
                  toolId={chosenTool.id}
                  tasks={tasks}
                  answer={answer}
                  dayName={dayName}
                />
              )
            }
          />
          <ActionBar className="-mx-4 mt-2 px-4 py-1 sm:static sm:mx-0 sm:border-0 sm:bg-transparent sm:px-0">
            <CellInHand painting={painting} tools={usable} tasks={tasks} dayName={dayName} />
            <div className="mt-1 sm:hidden">{brush}</div>
          </ActionBar>
          <ForecastState shown={shownForecast} />
          {chosenTool && <TripWhatIf trip={trip} tools={tools} tool={chosenTool} now={now} />}
        </div>
        {answer && plan && (
          <TripLists
            care={care ? careBeforeTrip(care.rows, trip, now) : []}
            careAfter={care ? careAfterTrip(care.rows, trip) : []}
            trip={trip}
            plan={plan}
            tools={tools}
            done={done}
            phase={phase}
            today={today}
            nameOf={nameOf}
            dayName={dayName}
            forecast={answer.forecast}
            refused={answer.refused}
            sets={answer.sets}
          >
            <CalendarButton trip={trip} plan={plan} tools={tools} />
          </TripLists>
        )}
      </div>
    </>
  );
}

/** What an evening takes, of what it has; nothing before the forecast says so. */
function eveningWords(trip: Trip, answer: ForecastAnswer | null, day: number, isNarrow: boolean) {
  const spread = answer?.forecast.eveningMinutes[day];
  if (!spread) return '';
  return say.medianMinutes(Math.round(spread.median), isNarrow ? null : trip.minutesPerEvening);
}

/** The cell that is in hand, to be painted by hours or by number. */
function CellInHand(props: {
  painting: Painting;
  tools: readonly Tool[];
  tasks: readonly TripTask[];
  dayName: (day: number) => string;
}) {
  const { painting, tools, tasks, dayName } = props;
  const { trip, change, taskId, picked: cell, takeBack } = painting;
  const tool = tools.find(({ id }) => id === cell?.toolId);
  if (!cell || !tool || cell.day >= trip.days) {
    return <p className="text-soft">{say.tapADayToPaint}</p>;
  }
  return (
    <CellStepper
      key={`${cell.toolId} ${cell.day} ${taskId}`}
      trip={trip}
      tool={tool}
      day={cell.day}
      task={tasks.find(({ id }) => id === taskId) ?? null}
      dayName={dayName(cell.day)}
      onHours={(hours) => change((own) => withHours(own, cell, taskId, hours))}
      onCount={(counted) => change((own) => withCount(own, cell, taskId, counted))}
      onRubOut={() => change((own) => rubbedOut(own, cell))}
      onCopyDay={() => change((own) => dayCopiedOn(own, cell.day))}
      onUndo={takeBack}
    />
  );
}

/** How much stands behind the figures, and how far the rest is. */
function ForecastState({ shown }: { shown: ShownForecast }) {
  const { answer, isWhole, share, error, stop, again } = shown;
  const { word: saved } = useSaveState();
  const isStopped = !isWhole && share === null && !error;
  return (
    <div className="mt-1 flex min-h-12 flex-wrap items-center gap-x-4 text-[0.95rem] text-soft">
      <p role="status">
        {error
          ? failureWords(error)
          : answer
            ? say.runsBehindForecast(answer.forecast.runs, isWhole)
            : say.lookingAhead}
      </p>
      <SavedWord word={saved} />
      {share !== null && (
        <>
          <progress className="progress w-24" value={share} max={1} aria-label={say.forecast} />
          <button type="button" className="link min-h-12" onClick={stop}>
            {say.stop}
          </button>
        </>
      )}
      {(isStopped || error) && (
        <button type="button" className="link min-h-12" onClick={again}>
          {say.allRuns}
        </button>
      )}
    </div>
  );
}
