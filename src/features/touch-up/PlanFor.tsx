'use client';

import { nanoid } from 'nanoid';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import {
  damageToMend,
  planEdge,
  practiceOf,
  shelfAbrasives,
  startSession,
  workingFace,
  worstStretch,
  type EdgeNeed,
  type LadderPlan,
  type Shelf,
} from '../../core';
import { useStore } from '../../data';
import type { Observation, Session } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import { ago, minutes, plural, um } from '../../ui/format';
import { ObservationFields } from '../../ui/ObservationFields';
import { MicronRuler } from '../../ui/ruler/MicronRuler';
import { HoldDrawing } from '../../ui/section/HoldDrawing';
import { PlanSteps } from './PlanSteps';
import { STOP_USE } from './cautions';
import { ladderItems } from './ladderItems';

/** The plan for one edge: what is seen, the ladder that answers it, and the start. */
export function PlanFor(props: {
  need: EdgeNeed;
  zones: number;
  shelf: Shelf;
  settings: Settings;
}) {
  const { need, zones, shelf, settings } = props;
  const { tool, zone, state, stops } = need;
  const store = useStore();
  const router = useRouter();
  const [where, setWhere] = useState<Session['where']>('bench');
  const [before, setBefore] = useState<Observation>(() => lastSeen(need));
  const face = useMemo(() => workingFace(tool, zone), [tool, zone]);
  const plan = useMemo(
    () =>
      stops.length > 0
        ? null
        : planFrom({ need, before, shelf: where === 'bench' ? shelf : carried(shelf), settings }),
    [need, stops, before, shelf, where, settings],
  );

  const start = async (): Promise<void> => {
    const session = startSession({
      id: nanoid(),
      at: new Date().toISOString(),
      toolId: tool.id,
      zoneId: zone.id,
      job: 'touch-up',
      where,
      before,
      plan: plan!,
    });
    await store.sessions.save(session);
    router.push(`/touch-up/guide?session=${session.id}`);
  };
  return (
    <>
      <div className="mx-auto w-full max-w-[82rem] px-4 pt-5 pb-8 sm:px-8">
        <div className="flex flex-wrap items-baseline gap-x-5">
          <h1>
            {tool.name}
            {zones > 1 && `, ${zone.name}`}
          </h1>
          <p className="text-lg text-soft">{stops.length > 0 ? 'Stop use.' : headline(plan)}</p>
          <Link href="/touch-up" className="link ml-auto inline-flex min-h-12 items-center">
            Another edge
          </Link>
        </div>
        <div className="mt-3 grid gap-x-12 gap-y-6 lg:grid-cols-[1.6fr_1fr]">
          <ObservationFields
            legend="What is the finest test it passes now?"
            value={before}
            onChange={setBefore}
            zone={zone}
          />
          <fieldset>
            <legend className="mb-2 font-semibold">Where are you?</legend>
            <div className="flex gap-2">
              {(['bench', 'field'] as const).map((place) => (
                <button
                  key={place}
                  type="button"
                  aria-pressed={where === place}
                  className={`btn ${where === place ? 'btn-neutral' : 'btn-outline'}`}
                  onClick={() => setWhere(place)}
                >
                  {place === 'bench' ? 'At the bench' : 'Out on the trail'}
                </button>
              ))}
            </div>
            <p className="mt-2 text-[0.92rem] text-soft">
              {where === 'bench'
                ? 'Everything on the shelf is at hand.'
                : 'Only what lives in pouch, pack and base camp is at hand.'}
            </p>
            <p className="mt-2">
              {state.observedAt && state.apex
                ? `Last noted ${ago(state.observedAt)}: an apex of about ${um(state.apex.apexRadiusUm)}. Tap a test if it has changed.`
                : 'This edge has never been noted: test it before you grind.'}
            </p>
          </fieldset>
        </div>
        {plan && plan.outcome === 'planned' && (
          <>
            <div className="mt-4">
              <MicronRuler
                title={`The ladder for ${tool.name}: ${plan.steps.map((s) => `${s.abrasive.name} at ${s.abrasive.sizeUm} µm`).join(', then ')}`}
                items={ladderItems(plan.steps)}
                walk={{ sizesUm: plan.steps.map(({ abrasive }) => abrasive.sizeUm) }}
              />
            </div>
            <div className="mt-2 grid gap-x-12 gap-y-6 lg:grid-cols-[2.2fr_1fr]">
              <PlanSteps plan={plan} face={face} tool={tool} zone={zone} />
              <div>
                <HoldDrawing
                  tool={tool}
                  zone={zone}
                  angleDeg={face.angleDeg}
                  coinThicknessMm={settings.coinThicknessMm}
                />
                <p className="mt-3 text-[0.95rem]">{STOP_USE}</p>
              </div>
            </div>
          </>
        )}
        {plan?.outcome === 'out of reach' && <OutOfReach plan={plan} />}
        {stops.length > 0 && (
          <section role="alert" className="mt-4 border-l-4 border-blaze pl-4">
            <h2>Stop: {stops.join(', ')}</h2>
            <p>{STOP_USE}</p>
            <Link className="link" href={`/inspect?tool=${tool.id}&zone=${zone.id}`}>
              It has been mended: look at it again
            </Link>
          </section>
        )}
      </div>
      <div className="sticky bottom-0 mt-auto border-t-2 border-rule bg-base-200">
        <div className="mx-auto flex max-w-[82rem] flex-wrap items-center gap-x-6 gap-y-2 px-4 py-3 sm:px-8">
          <p className="sign text-xl">{stops.length > 0 ? 'Stop use.' : headline(plan)}</p>
          <button
            type="button"
            className="btn btn-primary ml-auto px-8 text-lg"
            disabled={plan?.outcome !== 'planned'}
            onClick={() => void start()}
          >
            Start the touch-up
          </button>
        </div>
      </div>
    </>
  );
}

/** What was last seen of the edge, as the starting point. */
function lastSeen({ state }: EdgeNeed): Observation {
  return { tests: [...state.tests], findings: [...state.findings] };
}

function planFrom(input: {
  need: EdgeNeed;
  before: Observation;
  shelf: Shelf;
  settings: Settings;
}): LadderPlan | null {
  const { need, before, shelf, settings } = input;
  const { tool, zone, state } = need;
  if (before.tests.length === 0) return null;
  return planEdge({
    tool,
    zone,
    apexRadiusUm: worstStretch(before.tests).apexRadiusUm,
    damageDepthMm: damageToMend(before.findings),
    keenRadiusUm: state.keenUm,
    abrasives: shelfAbrasives(shelf, practiceOf(tool.schools).lubricants).map(
      ({ abrasive }) => abrasive,
    ),
    pace: settings.strokesPerMinute,
  });
}

/** What is not left in the workshop. */
function carried(shelf: Shelf): Shelf {
  const travels = ({ place }: { place: string }): boolean => place !== 'workshop';
  return {
    abrasives: shelf.abrasives.filter(travels),
    strops: shelf.strops.filter(travels),
    compounds: shelf.compounds.filter(travels),
    lubricants: shelf.lubricants.filter(travels),
  };
}

function headline(plan: LadderPlan | null): string {
  switch (plan?.outcome) {
    case undefined:
      return 'Test the edge: the plan follows.';
    case 'leave alone':
      return 'It passes what its work asks for: leave it alone.';
    case 'out of reach':
      return 'Nothing at hand brings it to its target.';
    case 'planned':
      return `${plural(plan!.steps.length, 'step')}, about ${minutes(plan!.minutes)}`;
  }
}

function OutOfReach({ plan }: { plan: LadderPlan }) {
  return (
    <section className="mt-6 max-w-[70ch]">
      {plan.missingStone && (
        <p className="text-lg">
          A diamond stone of about {um(plan.missingStone.sizeUm)} would do it.
        </p>
      )}
      <LeftOut plan={plan} />
    </section>
  );
}

function LeftOut({ plan }: { plan: LadderPlan }) {
  if (plan.leftOut.length === 0) return null;
  return (
    <ul className="mt-3 text-soft">
      {plan.leftOut.map(({ id, name, reason }) => (
        <li key={id}>
          {name}: {reason}
        </li>
      ))}
    </ul>
  );
}
