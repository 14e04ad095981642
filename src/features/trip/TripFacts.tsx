'use client';

import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { CLIMATES } from '../../domain/terms';
import { CheckField, LimitedNumberField, TextField } from '../../ui/forms/fields';
import { Folded } from '../../ui/forms/Folded';
import { minutes, ml, plural } from '../../ui/format';

/** What a trip is: days, weather, water, evenings, who goes and with what. */
export function TripFacts(props: {
  trip: Trip;
  tools: readonly Tool[];
  onChange: (change: Partial<Trip>) => void;
}) {
  const { trip, tools, onChange } = props;
  const { climate, waterMlPerDay, minutesPerEvening, midJobStops, policy } = trip;
  return (
    <Folded
      title="The trip"
      holds={[
        plural(trip.days, 'day'),
        climate.join(', ') || 'any weather',
        `${ml(waterMlPerDay)} for stones a day`,
        `${minutes(minutesPerEvening)} an evening`,
        `${plural(midJobStops, 'stop')} in mid-job`,
      ].join(' · ')}
    >
      <div className="grid gap-4 sm:grid-cols-3">
        <TextField
          label="Name"
          value={trip.name}
          onChange={(event) => event.target.value.trim() && onChange({ name: event.target.value })}
        />
        <TextField
          label="Starts on"
          type="date"
          value={trip.startsOn}
          onChange={(event) => event.target.value && onChange({ startsOn: event.target.value })}
        />
        <LimitedNumberField
          label="Days"
          min={1}
          max={60}
          value={trip.days}
          onValue={(days) => onChange({ days: Math.round(days) })}
        />
        <LimitedNumberField
          label="Water for stones, a day"
          unit="ml"
          min={0}
          max={100_000}
          value={waterMlPerDay}
          onValue={(next) => onChange({ waterMlPerDay: next })}
        />
        <LimitedNumberField
          label="An evening for edges"
          unit="min"
          min={0}
          max={600}
          value={minutesPerEvening}
          onValue={(next) => onChange({ minutesPerEvening: next })}
        />
        <LimitedNumberField
          label="Stops in mid-job, a tool and day"
          min={0}
          max={20}
          value={midJobStops}
          onValue={(next) => onChange({ midJobStops: Math.round(next) })}
        />
        <LimitedNumberField
          label="Strop from"
          unit="× target"
          min={1}
          max={20}
          value={policy.stropAt}
          onValue={(stropAt) => onChange({ policy: { ...policy, stropAt } })}
        />
        <LimitedNumberField
          label="Stone from"
          unit="× target"
          min={1}
          max={50}
          value={policy.stoneAt}
          onValue={(stoneAt) => onChange({ policy: { ...policy, stoneAt } })}
        />
        <LimitedNumberField
          label="Grind chips out from"
          unit="mm"
          min={0.02}
          max={5}
          value={policy.repairMm}
          onValue={(repairMm) => onChange({ policy: { ...policy, repairMm } })}
        />
      </div>
      <fieldset>
        <legend>Weather and place</legend>
        <div className="flex flex-wrap gap-x-6">
          {CLIMATES.map((each) => (
            <CheckField
              key={each}
              label={each}
              checked={climate.includes(each)}
              onChange={(event) =>
                onChange({
                  climate: event.target.checked
                    ? [...climate, each]
                    : climate.filter((other) => other !== each),
                })
              }
            />
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend>Tools that travel</legend>
        <div className="grid grid-cols-2 sm:grid-cols-4">
          {tools.map(({ id, name }) => (
            <CheckField
              key={id}
              label={name}
              checked={trip.toolIds.includes(id)}
              onChange={(event) =>
                onChange({
                  toolIds: event.target.checked
                    ? [...trip.toolIds, id]
                    : trip.toolIds.filter((other) => other !== id),
                })
              }
            />
          ))}
        </div>
      </fieldset>
    </Folded>
  );
}
