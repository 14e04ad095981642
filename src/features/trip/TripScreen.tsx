'use client';

import { addDays, format, formatISO, parseISO } from 'date-fns';
import { nanoid } from 'nanoid';
import { useEffect, useMemo, useRef, useState } from 'react';
import { maintenancePlan, tasksOfTrip, travelling } from '../../core';
import { edgeName } from '../../domain/edgeName';
import { newRecord } from '../../domain/newRecord';
import { USUAL_TRIP, type Trip } from '../../domain/trip';
import { useRecords, useStandings, useStore } from '../../live';
import { Choice } from '../../ui/Choice';
import { SelectField } from '../../ui/forms/fields';
import { plural } from '../../ui/format';
import Link from '../../ui/Link';
import { failureWords } from '../../ui/words/failureWords';
import { ApexChart } from './ApexChart';
import { Brush } from './Brush';
import { CalendarButton } from './CalendarButton';
import { dayCopiedOn, rubbedOut, withHourMore, withHours } from './paint';
import { RUB_OUT } from './rubOut';
import { TaskPatterns } from './TaskPattern';
import { TripFacts } from './TripFacts';
import { TripLists } from './TripLists';
import { TripWhatIf } from './TripWhatIf';
import { useForecast } from './useForecast';
import { WorkGrid } from './WorkGrid';

/** The work ahead painted on its days, what the edges will do, and what to do before, there and after. */
export function TripScreen() {
  const tools = useRecords('tools');
  const trips = useRecords('trips');
  const standings = useStandings();
  const [chosenId, setChosenId] = useState<string | null>(null);
  const store = useStore();
  if (!tools || !trips || !standings) return null;
  const open = trips
    .filter(({ archivedAt }) => archivedAt === null)
    .sort((a, b) => (a.startsOn < b.startsOn ? -1 : 1));
  const trip = open.find(({ id }) => id === chosenId) ?? open[0];
  const add = async (from?: Trip): Promise<void> => {
    const at = new Date().toISOString();
    const made: Trip = {
      ...(from ?? {
        ...USUAL_TRIP,
        name: 'Next trip',
        startsOn: formatISO(addDays(new Date(), 7), { representation: 'date' }),
        days: 3,
        toolIds: tools.map(({ id }) => id),
        minutesPerTouchUp: 30,
        chipDepthMm: 0,
        notes: '',
      }),
      ...newRecord(nanoid(), at),
      ...(from && { name: `${from.name}, again` }),
    };
    await store.trips.save(made);
    setChosenId(made.id);
  };
  if (tools.length === 0 || !trip) {
    return (
      <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
        <h1>Trip</h1>
        <p className="mt-3 text-lg">
          Paint the work of some days, and see which edge gives up when.{' '}
          {tools.length === 0 ? (
            <Link href="/" className="link">
              Hang a tool first
            </Link>
          ) : (
            <button type="button" className="link" onClick={() => void add()}>
              Plan the first trip
            </button>
          )}
        </p>
      </section>
    );
  }
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-4 sm:px-8">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <h1>
          {trip.name}, {plural(trip.days, 'day')}
        </h1>
        {open.length > 1 && (
          <div className="w-64">
            <SelectField
              label="Which trip"
              value={trip.id}
              options={open.map(({ id, name }) => [id, name] as const)}
              onChange={(event) => setChosenId(event.target.value)}
            />
          </div>
        )}
        <span className="ml-auto flex flex-wrap gap-x-4">
          <button type="button" className="link min-h-12" onClick={() => void add()}>
            A new trip
          </button>
          <button type="button" className="link min-h-12" onClick={() => void add(trip)}>
            Copy this one
          </button>
          {open.length > 1 && (
            <button
              type="button"
              className="link min-h-12"
              onClick={() =>
                void store.trips.update(trip.id, (own) => ({
                  ...own,
                  archivedAt: new Date().toISOString(),
                  updatedAt: new Date().toISOString(),
                }))
              }
            >
              Put it away
            </button>
          )}
        </span>
      </div>
      <Painted key={trip.id} kept={trip} />
    </div>
  );
}

/** A trip under the brush: shown at once, kept beside it. */
function Painted({ kept }: { kept: Trip }) {
  const store = useStore();
  const tools = useRecords('tools') ?? [];
  const { states, needs } = useStandings()!;
  const [draft, setDraft] = useState(kept);
  const trip = draft.updatedAt >= kept.updatedAt ? draft : kept;
  const latest = useRef(trip);
  useEffect(() => {
    latest.current = trip;
  });
  const tasks = useMemo(() => tasksOfTrip(trip), [trip]);
  const [taskId, setTaskId] = useState('carve-dry');
  const [chosenTool, setChosenTool] = useState<string | null>(trip.toolIds[0] ?? null);
  const [chosenEdge, setChosenEdge] = useState<string | null>(null);
  const { answer, isWhole, error } = useForecast(trip, states);
  const start = parseISO(trip.startsOn);
  const dayName = (day: number): string => format(addDays(start, day), 'EEE d');

  const change = (next: Trip): void => {
    const own = { ...next, updatedAt: new Date().toISOString() };
    setDraft(own);
    latest.current = own;
    // A refused write shows its own notice, and can be tried again there.
    store.trips.save(own).catch(() => {});
  };
  const plan = answer && maintenancePlan({ trip, tools, needs, ...answer });
  const own = tools.filter(({ id }) => trip.toolIds.includes(id));
  const going = new Set(travelling(trip, states).map(({ tool }) => tool.id));
  const usable = own.filter(({ id }) => going.has(id));
  const edges = (answer?.forecast.edges ?? []).filter(({ toolId }) => toolId === chosenTool);
  const edge =
    edges.find(({ id }) => id === chosenEdge) ??
    [...edges].sort((a, b) => worked(b.days) - worked(a.days))[0];
  const tool = tools.find(({ id }) => id === edge?.toolId);
  const zone = tool?.zones.find(({ id }) => id === edge?.zoneId);
  return (
    <>
      <TaskPatterns taskIds={tasks.map(({ id }) => id)} />
      <div className="mt-2">
        <TripFacts
          trip={trip}
          tools={tools}
          onChange={(part) => change({ ...latest.current, ...part })}
        />
      </div>
      <div className="mt-3 grid gap-x-10 gap-y-6 lg:grid-cols-[2.3fr_1fr]">
        <div className="min-w-0">
          <Brush tasks={tasks} chosen={taskId} onChoose={setTaskId} />
          <WorkGrid
            trip={trip}
            tools={usable}
            tasks={tasks}
            forecast={answer?.forecast ?? null}
            problem={answer?.problem ?? null}
            dayName={dayName}
            chosenToolId={chosenTool}
            onChoose={setChosenTool}
            onPaint={(toolId, day, hours) => {
              setChosenTool(toolId);
              change(
                taskId === RUB_OUT
                  ? rubbedOut(latest.current, { toolId, day })
                  : withHours(latest.current, { toolId, day }, taskId, hours),
              );
            }}
            onTap={(toolId, day) => {
              setChosenTool(toolId);
              change(
                taskId === RUB_OUT
                  ? rubbedOut(latest.current, { toolId, day })
                  : withHourMore(latest.current, { toolId, day }, taskId),
              );
            }}
            onRubOut={(toolId, day) => change(rubbedOut(latest.current, { toolId, day }))}
            onCopyDay={(day) => change(dayCopiedOn(latest.current, day))}
          />
          <p role="status" className="mt-1 min-h-6 text-[0.95rem] text-soft">
            {error
              ? failureWords(error)
              : answer
                ? `${plural(answer.forecast.runs, 'run')}${isWhole ? '' : ', more to come'}; medians, priors where your log does not say.`
                : 'Looking ahead …'}
          </p>
          <div className="mt-3 min-h-80">
            {edges.length > 1 && (
              <Choice
                legend="Which edge"
                isLegendHidden
                options={edges.map(({ id, zoneId }) => [
                  id,
                  tool?.zones.find((each) => each.id === zoneId)?.name ?? zoneId,
                ])}
                chosen={edge?.id ?? null}
                onChoose={setChosenEdge}
              />
            )}
            {edge && tool && zone && answer && (
              <ApexChart
                name={edgeName(tool, zone)}
                edge={edge}
                problem={answer.problem}
                dayName={dayName}
              />
            )}
          </div>
          <TripWhatIf trip={trip} tools={tools} />
        </div>
        {answer && plan && (
          <div className="grid content-start gap-5">
            <TripLists plan={plan} refused={answer.refused} tools={tools} dayName={dayName} />
            <CalendarButton trip={trip} plan={plan} />
          </div>
        )}
      </div>
    </>
  );
}

function worked(days: readonly { hours: number }[]): number {
  return days.reduce((sum, { hours }) => sum + hours, 0);
}
