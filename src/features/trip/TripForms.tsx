'use client';

import { spoken } from '../../ui/words/closedWords';
import { tripWords as say } from './words';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { CLIMATES } from '../../domain/terms';
import { useChanges } from '../../live';
import { ChangesList } from '../../ui/ChangesList';
import { Choice } from '../../ui/Choice';
import { CheckField, LimitedNumberField, SelectField, TextField } from '../../ui/forms/fields';
import { chipDepth, sentence } from '../../ui/format';
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
        label={say.name}
        value={trip.name}
        onChange={(event) => event.target.value.trim() && onChange({ name: event.target.value })}
      />
      <TextField
        label={say.startsOn}
        type="date"
        value={trip.startsOn}
        onChange={(event) => event.target.value && onChange({ startsOn: event.target.value })}
      />
      <LimitedNumberField
        label={say.days}
        min={1}
        max={60}
        value={trip.days}
        onValue={(days) => onChange({ days: Math.round(days) })}
      />
      <LimitedNumberField
        label={say.onFootInAll}
        unit={say.km}
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
        <legend className="font-semibold">{say.weatherAndPlace}</legend>
        <div className="flex flex-wrap gap-x-6">
          {CLIMATES.map((each) => (
            <CheckField
              key={each}
              label={sentence(spoken(each))}
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
            label={say.lightInEvening}
            checked={hasLight}
            onChange={(event) => onChange({ hasLight: event.target.checked })}
          />
          <CheckField
            label={say.flatForStone}
            checked={hasFlat}
            onChange={(event) => onChange({ hasFlat: event.target.checked })}
          />
        </div>
        <p className="text-[0.92rem] text-soft">{say.whatDarkAndNoFlatMean}</p>
      </fieldset>
      <Choice
        legend={say.evenings}
        options={[
          ['out there', say.stayOutThere],
          ['at home', say.goHomeToTheWhole],
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
        label={say.waterAtHandADay}
        unit={say.ml}
        min={0}
        max={1_000_000}
        value={trip.waterAtHandMlPerDay}
        onValue={(waterAtHandMlPerDay) => onChange({ waterAtHandMlPerDay })}
      />
      <LimitedNumberField
        label={say.waterForStonesADay}
        unit={say.ml}
        min={0}
        max={100_000}
        value={trip.waterMlPerDay}
        onValue={(waterMlPerDay) => onChange({ waterMlPerDay })}
      />
      <LimitedNumberField
        label={say.anEveningForEdges}
        unit={say.min}
        min={0}
        max={600}
        value={trip.minutesPerEvening}
        onValue={(minutesPerEvening) => onChange({ minutesPerEvening })}
      />
      <LimitedNumberField
        label={say.stopsInMidJobADay}
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
        label={say.stropFrom}
        unit={say.timesTarget}
        min={1}
        max={20}
        value={policy.stropAt}
        onValue={(stropAt) => change({ stropAt })}
      />
      <LimitedNumberField
        label={say.stoneFrom}
        unit={say.timesTarget}
        min={1}
        max={50}
        value={policy.stoneAt}
        onValue={(stoneAt) => change({ stoneAt })}
      />
      <LimitedNumberField
        label={say.grindChipsOutFrom}
        unit={say.mm}
        min={0.02}
        max={5}
        value={policy.repairMm}
        onValue={(repairMm) => change({ repairMm })}
      />
      <SelectField
        label={say.aChipSendsATool}
        value={String(policy.goHomeMm ?? '')}
        options={[
          ['', say.neverItStaysInUse],
          ...GO_HOME_MM.map((depthMm) => [String(depthMm), `from ${chipDepth(depthMm)}`] as const),
        ]}
        onChange={({ target }) => change({ goHomeMm: target.value ? Number(target.value) : null })}
      />
    </div>
  );
}
