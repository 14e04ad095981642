'use client';

import { rackWords as say } from './words';
import type { Tool } from '../../domain/tool';
import { LEAST_WORK, type Trip, type TripWork } from '../../domain/trip';
import { tasksOfTrip, type TripTask } from '../../domain/tripTasks';
import { useDraftState, useStore } from '../../live';
import { Dialog } from '../../ui/Dialog';
import { LimitedNumberField } from '../../ui/forms/fields';
import { LeftHere } from '../../ui/LeftHere';
import Link from '../../ui/Link';
import { tripQuery } from '../../ui/useChosenTrip';
import { stampNow } from '../../domain/clock';

/**
 * The hours of a day as they really were: as planned by one tap, else a number a job; what is counted is told
 * by its count. They stand in the place of what was planned, and teach how fast edges dull.
 */
export function TodayHours(props: {
  trip: Trip;
  day: number;
  tools: readonly Tool[];
  onClose: () => void;
}) {
  const { trip, day, tools, onClose } = props;
  const store = useStore();
  const planned = trip.work.filter((job) => job.day === day);
  const left = useDraftState<readonly TripWork[]>('hours', `${trip.id} ${day}`, planned, {
    title: () => say.tellingTheHoursOfDay(day + 1, trip.name),
    href: '/?hours',
  });
  const told = left.value;
  const tasks = tasksOfTrip(trip);
  const save = (work: readonly TripWork[]): void => {
    const step = (own: Trip): Trip => ({
      ...own,
      work: [
        ...own.work.filter((job) => job.day !== day),
        ...work.filter(
          ({ hours, counted }) => hours >= LEAST_WORK && (counted?.amount ?? 1) >= LEAST_WORK,
        ),
      ],
      toldDays: [...new Set([...own.toldDays, day])],
      updatedAt: stampNow(),
    });
    // A refused write shows its own notice, and can be tried again there.
    void store.trips
      .update(trip.id, step)
      .then(() => {
        left.done();
        onClose();
      })
      .catch(() => {});
  };
  return (
    <Dialog title={say.todaysHours} onClose={onClose}>
      {planned.length === 0 && (
        <p className="mt-2">
          {say.nothingWasPlannedForToday}{' '}
          <Link href={`/trip${tripQuery(trip.id)}`} className="link">
            {say.paintWhatWasDone}
          </Link>
        </p>
      )}
      <LeftHere at={left.leftAt} onAnew={left.startAnew} />
      <div key={left.leftAt ?? 'anew'} className="mt-3 grid gap-3">
        {told.map((job, i) => (
          <JobTold
            key={`${job.toolId} ${job.taskId}`}
            job={job}
            task={tasks.find(({ id }) => id === job.taskId)}
            toolName={tools.find(({ id }) => id === job.toolId)?.name ?? say.aTool}
            onTell={(next) => left.change(told.map((own, at) => (at === i ? next : own)))}
          />
        ))}
      </div>
      <div className="mt-4 flex flex-wrap gap-3">
        <button type="button" className="btn btn-outline" onClick={() => save(planned)}>
          {say.asPlanned}
        </button>
        <button type="button" className="btn btn-primary ml-auto" onClick={() => save(told)}>
          {say.theseHours}
        </button>
        <button type="button" className="btn btn-ghost" onClick={onClose}>
          {say.notNow}
        </button>
      </div>
    </Dialog>
  );
}

/** One job of the day: its hours, or how many where it is counted. */
function JobTold(props: {
  job: TripWork;
  task: TripTask | undefined;
  toolName: string;
  onTell: (job: TripWork) => void;
}) {
  const { job, task, toolName, onTell } = props;
  const { counted } = job;
  const label = `${toolName}, ${task?.name ?? job.taskId}`;
  if (!counted) {
    return (
      <LimitedNumberField
        label={label}
        unit="h"
        min={0}
        max={24}
        value={job.hours}
        onValue={(hours) => onTell({ ...job, hours })}
      />
    );
  }
  return (
    <LimitedNumberField
      label={label}
      unit={task?.counted?.unit ?? ''}
      min={0}
      max={10_000}
      value={counted.amount}
      onValue={(amount) =>
        onTell({
          ...job,
          hours: Math.min(24, amount / counted.perHour),
          counted: { ...counted, amount },
        })
      }
    />
  );
}
