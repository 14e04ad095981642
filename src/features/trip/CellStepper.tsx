'use client';

import { countedUnits } from '../../ui/words/counted';
import { spokenText } from '../../ui/words/closedWords';
import { StepButton } from '../../ui/StepButton';
import { tripWords as say } from './words';
import { CopyPlus, Undo2 } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import type { TripTask } from '../../domain/tripTasks';
import { LimitedNumberField } from '../../ui/forms/fields';
import { workIn } from './paint';
import { hoursWords } from './taskWords';

const STEP_HOURS = 0.5;

/** The chosen cell under the thumb: less, more, by hours or by number, and its day copied on. */
export function CellStepper(props: {
  trip: Trip;
  tool: Tool;
  day: number;
  /** The task of the brush; null where it rubs out. */
  task: TripTask | null;
  dayName: string;
  onHours: (hours: number) => void;
  onCount: (counted: { amount: number; perHour: number }) => void;
  onRubOut: () => void;
  onCopyDay: () => void;
  /** Takes the last stroke of the brush back; null where there is none. */
  onUndo: (() => void) | null;
}) {
  const { trip, tool, day, task, dayName, onHours, onCount, onRubOut, onCopyDay, onUndo } = props;
  const job = workIn(trip, { toolId: tool.id, day }).find(({ taskId }) => taskId === task?.id);
  // What people count is asked for by its count.
  const [wantsCount, setWantsCount] = useState(true);
  const usual = task?.counted ?? null;
  const isCounted = usual !== null && (job ? job.counted !== null : wantsCount);
  const perHour = job?.counted?.perHour ?? lastRate(trip, task?.id) ?? usual?.perHour ?? 1;
  const amount = job?.counted?.amount ?? 0;
  const step = (by: 1 | -1): void =>
    isCounted
      ? onCount({ amount: Math.max(0, amount + by), perHour })
      : onHours(Math.max(0, (job?.hours ?? 0) + by * STEP_HOURS));
  return (
    <div className="flex items-center gap-x-1 gap-y-1 sm:flex-wrap sm:gap-x-4">
      <p className="min-w-0 flex-1 leading-tight sm:min-w-28">
        <b className="block truncate">
          {tool.name}, {dayName}
        </b>
        <span className="block truncate text-soft">
          {task ? spokenText(task.name) : say.clearIt}
        </span>
      </p>
      {task ? (
        <>
          <Steps
            what={say.taskForTool(spokenText(task.name), tool.name, dayName)}
            isEmpty={!job}
            onStep={step}
          >
            {isCounted ? countedUnits(amount, usual.unit) : `${hoursWords(job?.hours ?? 0)} h`}
          </Steps>
          {usual && (
            <UnitSwitch
              isCounted={isCounted}
              unit={spokenText(usual.unit)}
              onSwitch={() => {
                setWantsCount(!isCounted);
                if (!job) return;
                if (isCounted) onHours(job.hours);
                else onCount({ amount: Math.max(1, Math.round(job.hours * perHour)), perHour });
              }}
            />
          )}
          {isCounted && job && (
            <PerHour
              key={job.taskId}
              unit={spokenText(usual.unit)}
              perHour={perHour}
              onChange={(next) => onCount({ amount, perHour: next })}
            />
          )}
        </>
      ) : (
        <button type="button" className="btn btn-outline" onClick={onRubOut}>
          {say.clear}
        </button>
      )}
      <DayActs isLastDay={day + 1 >= trip.days} onCopyDay={onCopyDay} onUndo={onUndo} />
    </div>
  );
}

/** From hours to what people count, and back. */
function UnitSwitch(props: { isCounted: boolean; unit: string; onSwitch: () => void }) {
  const { isCounted, unit, onSwitch } = props;
  const words = isCounted ? say.byHours : say.byUnit(unit);
  return (
    <button
      type="button"
      className="btn btn-ghost px-2 sm:px-4"
      aria-label={words}
      onClick={onSwitch}
    >
      <span className="hidden sm:inline">{words}</span>
      <span className="sm:hidden">{isCounted ? 'h' : '№'}</span>
    </button>
  );
}

function DayActs(props: {
  isLastDay: boolean;
  onCopyDay: () => void;
  onUndo: (() => void) | null;
}) {
  const { isLastDay, onCopyDay, onUndo } = props;
  return (
    <>
      <button
        type="button"
        className="btn btn-outline px-2.5 sm:px-4"
        aria-label={say.copyDayOn}
        disabled={isLastDay}
        onClick={onCopyDay}
      >
        <span className="hidden sm:inline">{say.copyDayOn}</span>
        <CopyPlus aria-hidden className="size-6 sm:hidden" />
      </button>
      <button
        type="button"
        className="btn btn-ghost px-2.5 sm:px-4"
        aria-label={say.undo}
        disabled={!onUndo}
        onClick={() => onUndo?.()}
      >
        <span className="hidden sm:inline">{say.undo}</span>
        <Undo2 aria-hidden className="size-6 sm:hidden" />
      </button>
    </>
  );
}

/** How many make an hour. */
function PerHour(props: { unit: string; perHour: number; onChange: (perHour: number) => void }) {
  const { unit, perHour, onChange } = props;
  return (
    <div className="hidden w-36 sm:block">
      <LimitedNumberField
        label={say.unitAnHour(unit)}
        min={0.01}
        max={10_000}
        value={perHour}
        onValue={onChange}
      />
    </div>
  );
}

/** Less and more, with what there is between them. */
function Steps(props: {
  what: string;
  isEmpty: boolean;
  onStep: (by: 1 | -1) => void;
  children: ReactNode;
}) {
  const { what, isEmpty, onStep, children } = props;
  return (
    <span className="flex items-center gap-1 sm:gap-2">
      <StepButton by={-1} label={say.less(what)} disabled={isEmpty} onStep={() => onStep(-1)} />
      <output className="sign min-w-10 text-center text-lg sm:min-w-14 sm:text-xl">
        {children}
      </output>
      <StepButton by={1} label={say.more(what)} onStep={() => onStep(1)} />
    </span>
  );
}

/** How many made an hour where the person last said it on this trip. */
function lastRate({ work }: Trip, taskId: string | undefined): number | undefined {
  return work.findLast((job) => job.taskId === taskId && job.counted !== null)?.counted?.perHour;
}
