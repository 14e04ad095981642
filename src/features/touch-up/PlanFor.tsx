'use client';

import { nanoid } from 'nanoid';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { startSession, workingFace, type EdgeNeed, type LadderPlan, type Shelf } from '../../core';
import { useStore } from '../../data';
import type { Observation, Session } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import { Choice } from '../../ui/Choice';
import { ago, um } from '../../ui/format';
import type { JobAddress } from '../../ui/jobAddress';
import { ObservationFields } from '../../ui/ObservationFields';
import { MicronRuler } from '../../ui/ruler/MicronRuler';
import { STOP_USE } from './cautions';
import { JobChoice } from './JobChoice';
import { JOB_WORDS, planHeadline } from './jobWords';
import { ladderItems, walkSteps } from '../../ui/ruler/ladderItems';
import { LeftOut } from './LeftOut';
import { PlanAside } from './PlanAside';
import { planFrom } from './planFrom';
import { PlanSteps } from './PlanSteps';

const NOTHING_SEEN: Observation = { tests: [], findings: [] };

/** The plan for one edge: the job, what is seen, the steps that answer it, and the start. */
export function PlanFor(props: {
  need: EdgeNeed;
  address: JobAddress;
  zones: number;
  shelf: Shelf;
  settings: Settings;
}) {
  const { need, address, zones, shelf, settings } = props;
  const { tool, zone, state, stops } = need;
  const { job } = address;
  const store = useStore();
  const router = useRouter();
  const [where, setWhere] = useState<Session['where']>('bench');
  const [seen, setSeen] = useState<Observation>(() => lastSeen(need));
  const plan = useMemo(
    () => planFrom({ need, address, before: seen, where, shelf, settings }),
    [need, address, seen, where, shelf, settings],
  );
  const stopped = stops.length > 0;
  const headline = stopped ? 'Stop use.' : planHeadline(job, plan);

  const start = async (): Promise<void> => {
    const session = startSession({
      id: nanoid(),
      at: new Date().toISOString(),
      toolId: tool.id,
      zoneId: zone.id,
      job,
      where,
      before: job === 'spine' ? NOTHING_SEEN : seen,
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
            {job === 'spine' ? ', spine' : zones > 1 && `, ${zone.name}`}
          </h1>
          <p className="text-lg text-soft">{headline}</p>
          <Link href="/touch-up" className="link ml-auto inline-flex min-h-12 items-center">
            Another edge
          </Link>
        </div>
        {!stopped && <JobChoice need={need} chosen={address} />}
        <div className="mt-4 grid gap-x-12 gap-y-6 lg:grid-cols-[1.6fr_1fr]">
          {job === 'spine' ? (
            <p className="text-lg">The spine is worked, and the edge stays covered.</p>
          ) : (
            <ObservationFields
              legend="What is the finest test it passes now?"
              value={seen}
              onChange={setSeen}
              zone={zone}
            />
          )}
          <div>
            <Choice
              legend="Where are you?"
              options={[
                ['bench', 'At the bench'],
                ['field', 'Out on the trail'],
              ]}
              chosen={where}
              onChoose={setWhere}
            />
            <p className="mt-2 text-[0.92rem] text-soft">
              {where === 'bench'
                ? 'Everything on the shelf is at hand.'
                : 'Only what lives in pouch, pack and base camp is at hand.'}
            </p>
            {job !== 'spine' && (
              <p className="mt-2">
                {state.observedAt && state.apex
                  ? `Last noted ${ago(state.observedAt)}: an apex of about ${um(state.apex.apexRadiusUm)}. Tap a test if it has changed.`
                  : 'This edge has never been noted: test it before you grind.'}
              </p>
            )}
          </div>
        </div>
        {plan?.outcome === 'planned' && (
          <>
            <div className="mt-4">
              <MicronRuler
                title={`The ladder for ${tool.name}: ${plan.steps.map((s) => `${s.abrasive.name} at ${s.abrasive.sizeUm} µm`).join(', then ')}`}
                items={ladderItems(plan.steps)}
                walk={{ steps: walkSteps(plan.steps) }}
              />
            </div>
            <div className="mt-2 grid gap-x-12 gap-y-6 lg:grid-cols-[2.2fr_1fr]">
              <PlanSteps plan={plan} face={workingFace(tool, zone)} tool={tool} zone={zone} />
              <PlanAside
                need={need}
                job={job}
                plan={plan}
                coinThicknessMm={settings.coinThicknessMm}
              />
            </div>
          </>
        )}
        {plan?.outcome === 'out of reach' && <OutOfReach plan={plan} />}
        {stopped && (
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
          <p className="sign text-xl">{headline}</p>
          <button
            type="button"
            className="btn btn-primary ml-auto px-8 text-lg"
            disabled={plan?.outcome !== 'planned'}
            onClick={() => void start()}
          >
            {JOB_WORDS[job].start}
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

function OutOfReach({ plan }: { plan: LadderPlan }) {
  return (
    <section className="mt-6 grid max-w-[70ch] gap-3">
      {plan.missingStone && (
        <p className="text-lg">
          A diamond stone of about {um(plan.missingStone.sizeUm)} would do it.
        </p>
      )}
      <LeftOut plan={plan} />
    </section>
  );
}
