'use client';

import { nanoid } from 'nanoid';
import Link from '../../ui/Link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import {
  damageChoices,
  damageWayOf,
  NO_WISHES,
  startSession,
  toolForm,
  workingFace,
  type EdgeJob,
  type JobPlan,
} from '../../core';
import { useStore } from '../../live';
import type { Observation } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import { angleBothWays } from '../../ui/format';
import type { JobAddress } from '../../ui/jobAddress';
import { stepWords } from '../../ui/words/stepWords';
import { stopWords } from '../../ui/words/stopWords';
import { STOP_USE } from './cautions';
import type { LoggedNeed } from './loggedNeed';
import { DamageWays } from './DamageWays';
import { JobChoice } from './JobChoice';
import { JOB_WORDS, planHeadline } from './jobWords';
import { LadderChoice } from './LadderChoice';
import { LeftOut } from './LeftOut';
import { NewAngle } from './NewAngle';
import { PlanAside } from './PlanAside';
import { PlanBar } from './PlanBar';
import { PlanHead } from './PlanHead';
import { PlanSteps } from './PlanSteps';
import { usePlan, type PlanWishes } from './usePlan';

const NOTHING_SEEN: Observation = { tests: [], findings: [] };

/** The plan for one edge: what it starts from, the chip, the ladder, the steps, and the start. */
export function PlanFor(props: {
  need: LoggedNeed;
  address: JobAddress;
  zones: number;
  settings: Settings;
}) {
  const { need, address, zones, settings } = props;
  const { tool, state, stops } = need;
  const { job } = address;
  const [wishes, setWishes] = useState<PlanWishes>(() => ({
    seen: { tests: [...state.tests], findings: [...state.findings] },
    where: 'bench',
    asks: { work: need.zone.work, targetApexUm: need.zone.targetApexUm },
    damageWay: address.damageWay,
    ownLadder: NO_WISHES,
  }));
  const planned = usePlan(need, address, wishes);
  const start = useStart(need, address, wishes);
  if (!planned) return null;

  const { plan, edge, zone } = planned;
  const stopped = stops.length > 0;
  return (
    <>
      <div className="mx-auto w-full max-w-[82rem] px-4 pt-3 pb-8 sm:px-8">
        <div className="flex flex-wrap items-center gap-x-5">
          <h1>
            {tool.name}
            {job === 'spine' ? ', spine' : zones > 1 && `, ${zone.name}`}
          </h1>
          {!stopped && <JobChoice need={need} chosen={address} />}
          <Link href="/touch-up" className="link ml-auto inline-flex min-h-12 items-center">
            Another edge
          </Link>
        </div>
        {stopped ? (
          <Stopped need={need} />
        ) : (
          <>
            {job === 'spine' ? (
              <p className="text-lg">The spine is worked, and the edge stays covered.</p>
            ) : (
              <PlanHead
                tool={tool}
                zone={zone}
                observedAt={state.apex && state.observedAt}
                wishes={wishes}
                onChange={setWishes}
              />
            )}
            {job === 'angle' && <NewAngle tool={tool} zone={zone} chosen={address.aim} />}
            {job === 'touch-up' && edge && (
              <Chip edge={edge} wishes={wishes} onChange={setWishes} />
            )}
            {plan?.outcome === 'planned' && (
              <>
                {job === 'touch-up' && edge && (
                  <LadderChoice
                    edge={edge}
                    plan={plan}
                    onChange={(ownLadder) => setWishes({ ...wishes, ownLadder })}
                  />
                )}
                <PlanSteps
                  plan={plan}
                  face={workingFace(tool, zone)}
                  tool={tool}
                  zone={zone}
                  coinThicknessMm={settings.coinThicknessMm}
                />
                <PlanAside
                  need={need}
                  job={job}
                  plan={plan}
                  coinThicknessMm={settings.coinThicknessMm}
                />
              </>
            )}
            {plan?.outcome === 'out of reach' && (
              <section className="mt-6 grid max-w-[70ch] gap-3">
                <h2>{JOB_WORDS[job].outOfReach}</h2>
                <LeftOut plan={plan} />
              </section>
            )}
          </>
        )}
      </div>
      <PlanBar
        headline={stopped ? 'Stop use.' : planHeadline(job, plan)}
        plan={plan}
        zone={zone}
        startWords={JOB_WORDS[job].start}
        onStart={() => plan && void start(plan, edge)}
      />
    </>
  );
}

/** Starts the guide on a plan: the session keeps it as it was seen. */
function useStart({ tool, zone }: LoggedNeed, { job }: JobAddress, { seen, where }: PlanWishes) {
  const store = useStore();
  const router = useRouter();
  const isAxe = toolForm(tool.kind) === 'axe';
  return async (plan: JobPlan, edge: EdgeJob | null): Promise<void> => {
    const session = startSession({
      id: nanoid(),
      at: new Date().toISOString(),
      toolId: tool.id,
      zoneId: zone.id,
      job,
      where,
      before: job === 'spine' ? NOTHING_SEEN : seen,
      targetApexUm: edge?.zone.targetApexUm ?? null,
      damageWay: edge && job === 'touch-up' ? damageWayOf(edge) : null,
      plan,
      wordsOf: (step) => stepWords(step, isAxe),
    });
    await store.sessions.save(session);
    router.push(`/touch-up/guide?session=${session.id}`);
  };
}

function Chip(props: {
  edge: EdgeJob;
  wishes: PlanWishes;
  onChange: (wishes: PlanWishes) => void;
}) {
  const { edge, wishes, onChange } = props;
  const choices = useMemo(() => damageChoices(edge), [edge]);
  const chosen = damageWayOf(edge);
  if (choices.length === 0 || !chosen) return null;
  return (
    <DamageWays
      edge={edge}
      choices={choices}
      chosen={chosen}
      findings={wishes.seen.findings}
      onChoose={(damageWay) => onChange({ ...wishes, damageWay })}
    />
  );
}

function Stopped({ need: { tool, zone, stops } }: { need: LoggedNeed }) {
  return (
    <>
      <p className="figures">{angleBothWays(workingFace(tool, zone).angleDeg)}</p>
      <section role="alert" className="mt-4 border-l-4 border-blaze pl-4">
        <h2>Stop: {stopWords(stops)}</h2>
        <p>{STOP_USE}</p>
        <Link className="link" href={`/inspect?tool=${tool.id}&zone=${zone.id}`}>
          It has been mended: look at it again
        </Link>
      </section>
    </>
  );
}
