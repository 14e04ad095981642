'use client';

import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { CLIMATES } from '../../domain/terms';
import { useChanges } from '../../live';
import { ChangesList } from '../../ui/ChangesList';
import { Choice } from '../../ui/Choice';
import { CheckField, LimitedNumberField, SelectField, TextField } from '../../ui/forms/fields';
import { chipDepth } from '../../ui/format';
import { OwnTasks } from './OwnTasks';
import { TripTools } from './TripTools';

/** Depths of chip (mm) that may send a tool home. */
const GO_HOME_MM = [0.5, 1, 2, 3];

interface FormProps {
  trip: Trip;
  tools: readonly Tool[];
  onChange: (change: Partial<Trip>) => void;
}

/** Days, weather, water, evenings, policy, who goes with what, and the person's own work. */
export default function TripForms(props: FormProps) {
  const { trip, tools, onChange } = props;
  const changes = useChanges(trip.id);
  return (
    <>
      <Days trip={trip} tools={tools} onChange={onChange} />
      <Camp trip={trip} tools={tools} onChange={onChange} />
      <Policy trip={trip} tools={tools} onChange={onChange} />
      <TripTools {...props} />
      <OwnTasks trip={trip} onChange={onChange} />
      <ChangesList {...changes} />
    </>
  );
}

function Days({ trip, onChange }: FormProps) {
  return (
    <div className="grid gap-4 sm:grid-cols-4">
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
        label="On foot, in all"
        unit="km"
        min={0}
        max={10_000}
        value={trip.footKm ?? 0}
        onValue={(footKm) => onChange({ footKm: footKm || null })}
      />
    </div>
  );
}

function Camp({ trip, onChange }: FormProps) {
  const { climate, nights, hasLight, hasFlat } = trip;
  return (
    <>
      <fieldset>
        <legend className="font-semibold">Weather and place</legend>
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
          <CheckField
            label="light to work by in the evening"
            checked={hasLight}
            onChange={(event) => onChange({ hasLight: event.target.checked })}
          />
          <CheckField
            label="something flat to lay a stone on"
            checked={hasFlat}
            onChange={(event) => onChange({ hasFlat: event.target.checked })}
          />
        </div>
        <p className="text-[0.92rem] text-soft">
          Without light chips wait for a stop in mid-job; without something flat bench stones and
          papers stay unused.
        </p>
      </fieldset>
      <Choice
        legend="Evenings"
        options={[
          ['out there', 'stay out there'],
          ['at home', 'go home, to the whole shelf'],
        ]}
        chosen={nights}
        onChoose={(next) => onChange({ nights: next })}
      />
      <Limits trip={trip} onChange={onChange} />
    </>
  );
}

/** Water and time that edges may take. */
function Limits({ trip, onChange }: Pick<FormProps, 'trip' | 'onChange'>) {
  return (
    <div className="grid gap-4 sm:grid-cols-4">
      <LimitedNumberField
        label="Water at hand, a day"
        unit="ml"
        min={0}
        max={1_000_000}
        value={trip.waterAtHandMlPerDay}
        onValue={(waterAtHandMlPerDay) => onChange({ waterAtHandMlPerDay })}
      />
      <LimitedNumberField
        label="Water for stones, a day"
        unit="ml"
        min={0}
        max={100_000}
        value={trip.waterMlPerDay}
        onValue={(waterMlPerDay) => onChange({ waterMlPerDay })}
      />
      <LimitedNumberField
        label="An evening for edges"
        unit="min"
        min={0}
        max={600}
        value={trip.minutesPerEvening}
        onValue={(minutesPerEvening) => onChange({ minutesPerEvening })}
      />
      <LimitedNumberField
        label="Stops in mid-job, a tool and day"
        min={0}
        max={20}
        value={trip.midJobStops}
        onValue={(stops) => onChange({ midJobStops: Math.round(stops) })}
      />
    </div>
  );
}

function Policy({ trip, onChange }: FormProps) {
  const { policy } = trip;
  const change = (part: Partial<Trip['policy']>): void =>
    onChange({ policy: { ...policy, ...part } });
  return (
    <div className="grid gap-4 sm:grid-cols-4">
      <LimitedNumberField
        label="Strop from"
        unit="× target"
        min={1}
        max={20}
        value={policy.stropAt}
        onValue={(stropAt) => change({ stropAt })}
      />
      <LimitedNumberField
        label="Stone from"
        unit="× target"
        min={1}
        max={50}
        value={policy.stoneAt}
        onValue={(stoneAt) => change({ stoneAt })}
      />
      <LimitedNumberField
        label="Grind chips out from"
        unit="mm"
        min={0.02}
        max={5}
        value={policy.repairMm}
        onValue={(repairMm) => change({ repairMm })}
      />
      <SelectField
        label="A chip sends a tool home"
        value={String(policy.goHomeMm ?? '')}
        options={[
          ['', 'never: it stays in use'],
          ...GO_HOME_MM.map((depthMm) => [String(depthMm), `from ${chipDepth(depthMm)}`] as const),
        ]}
        onChange={({ target }) => change({ goHomeMm: target.value ? Number(target.value) : null })}
      />
    </div>
  );
}
