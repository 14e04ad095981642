'use client';

import { taskName } from '../taskWords';
import { tripBackWords as say } from './words';
import { useState } from 'react';
import type { Tool } from '../../../domain/tool';
import { untoldWork, withToldHours } from '../../../domain/toldHours';
import type { Trip } from '../../../domain/trip';
import { tasksOfTrip } from '../../../domain/tripTasks';
import type { TripStep } from '../../../live';
import { LimitedNumberField } from '../../../ui/forms/fields';

/** The hours really worked on the days that were not told in their evening; they teach how fast edges dull. */
export function HoursBack(props: {
  trip: Trip;
  tools: readonly Tool[];
  onChange: (step: TripStep) => void;
}) {
  const { trip, tools, onChange } = props;
  // As it was planned when the screen opened: it is told from that, over and over.
  const [untold] = useState(() => untoldWork(trip));
  if (untold.length === 0) return null;
  const tasks = tasksOfTrip(trip);
  return (
    <fieldset className="mt-6">
      <legend className="sign text-2xl">{say.hoursReallyWorked}</legend>
      <p className="text-soft">{say.asPlannedWhereYouChange}</p>
      <div className="mt-2 grid gap-x-8 gap-y-2 sm:grid-cols-2">
        {untold.map((planned) => {
          const { toolId, taskId, hours } = planned;
          return (
            <LimitedNumberField
              key={`${toolId} ${taskId}`}
              label={`${tools.find(({ id }) => id === toolId)?.name ?? say.aTool}, ${taskName(tasks, taskId)}`}
              unit="h"
              min={0}
              max={24 * trip.days}
              value={Math.round(10 * hours) / 10}
              onValue={(told) => onChange((own) => withToldHours(own, planned, told))}
            />
          );
        })}
      </div>
    </fieldset>
  );
}
