'use client';

import { spokenText } from '../../ui/words/closedWords';
import { tripWords as say } from './words';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { TASKS, type TaskId } from '../../domain/tasks';
import type { Trip } from '../../domain/trip';
import { TRIP_TASKS } from '../../domain/tripTasks';
import { LimitedNumberField, SelectField, TextField } from '../../ui/forms/fields';

const MOST_OWN_TASKS = 20;

type OwnTask = Trip['ownTasks'][number];

/** Work that no list knows, with its own dulling: as some known work is, until its numbers are typed. */
export function OwnTasks(props: { trip: Trip; onChange: (change: Partial<Trip>) => void }) {
  const { trip, onChange } = props;
  const { ownTasks, work } = trip;
  const [name, setName] = useState('');
  const [like, setLike] = useState(TRIP_TASKS[0]!.id);
  const add = (): void => {
    const { asks, dullingUmPerHour, chipsPerHour } = TRIP_TASKS.find(({ id }) => id === like)!;
    const task: OwnTask = {
      id: nanoid(),
      name: name.trim(),
      asks,
      dullingUmPerHour,
      chipsPerHour,
    };
    onChange({ ownTasks: [...ownTasks, task] });
    setName('');
  };
  return (
    <fieldset className="grid gap-3">
      <legend className="font-semibold">{say.workOfYourOwn}</legend>
      {ownTasks.map((task) => (
        <OwnTaskLine
          key={task.id}
          task={task}
          onChange={(next) =>
            onChange({ ownTasks: ownTasks.map((other) => (other.id === task.id ? next : other)) })
          }
          onRemove={() =>
            onChange({
              ownTasks: ownTasks.filter(({ id }) => id !== task.id),
              work: work.filter(({ taskId }) => taskId !== task.id),
            })
          }
        />
      ))}
      {ownTasks.length < MOST_OWN_TASKS && (
        <div className="grid items-end gap-4 sm:grid-cols-3">
          <TextField
            label={say.aNameForIt}
            value={name}
            maxLength={80}
            placeholder={say.peelCorkBark}
            onChange={(event) => setName(event.target.value)}
          />
          <SelectField
            label={say.asHardOnTheEdge}
            value={like}
            options={TRIP_TASKS.map((task) => [task.id, spokenText(task.name)] as const)}
            onChange={(event) => setLike(event.target.value)}
          />
          <button
            type="button"
            className="btn btn-outline justify-self-start"
            disabled={name.trim() === ''}
            onClick={add}
          >
            {say.addToTheBrush}
          </button>
        </div>
      )}
    </fieldset>
  );
}

function OwnTaskLine(props: {
  task: OwnTask;
  onChange: (task: OwnTask) => void;
  onRemove: () => void;
}) {
  const { task, onChange, onRemove } = props;
  return (
    <div className="grid items-end gap-4 border-b border-rule pb-3 sm:grid-cols-5">
      <TextField
        label={say.work}
        value={task.name}
        maxLength={80}
        onChange={({ target }) => target.value.trim() && onChange({ ...task, name: target.value })}
      />
      <SelectField
        label={say.needsAnEdgeAsFor}
        value={task.asks}
        options={TASKS.map(({ id, name }) => [id, name] as const)}
        onChange={(event) => onChange({ ...task, asks: event.target.value as TaskId })}
      />
      <LimitedNumberField
        label={say.dullsBy}
        unit={say.mAnHour}
        min={0}
        max={50}
        value={task.dullingUmPerHour}
        onValue={(dullingUmPerHour) => onChange({ ...task, dullingUmPerHour })}
      />
      <LimitedNumberField
        label={say.chipsField}
        unit={say.anHourUnit}
        min={0}
        max={10}
        value={task.chipsPerHour}
        onValue={(chipsPerHour) => onChange({ ...task, chipsPerHour })}
      />
      <button type="button" className="btn btn-ghost" onClick={onRemove}>
        {say.remove(task.name)}
      </button>
    </div>
  );
}
