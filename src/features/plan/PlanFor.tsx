'use client';

import { planWords as say } from './words/planWords';
import { TabTitle } from '../../ui/TabTitle';
import { titles } from '../../ui/words/titleWords';
import Link from '../../ui/Link';
import dynamic from 'next/dynamic';
import { useState, type ReactNode } from 'react';
import type { EdgeNeed } from '../../core/inspection';
import { spineStretch, type JobPlan } from '../../core/jobs';
import { NO_WISHES } from '../../core/ladder';
import { edgeName } from '../../domain/edgeName';
import type { Job, Spot } from '../../domain/terms';
import type { Settings } from '../../domain/settings';
import type { JobAddress } from '../../ui/jobAddress';
import { leftDamageWords } from '../../ui/words/leftDamageWords';
import { spanMm } from '../../ui/format';
import { StopUse } from '../../ui/StopUse';
import { useUnderWay } from '../../live';
import { underWayOn } from '../../ui/words/underWay';
import type { LoggedNeed } from './loggedNeed';
import { DamageWays } from './DamageWays';
import { JobChoice } from './JobChoice';
import { JOB_WORDS, keepsWords, planHeadline, startWords } from './jobWords';
import { PlanBar } from './PlanBar';
import { PlanHead } from './PlanHead';
import { Planned } from './Planned';
import { inTurn, useOtherEdges } from './useSitting';
import { usePlan, type PlanWishes } from './usePlan';
import { useStart } from './useStart';

const NothingWorks = dynamic(() => import('./NothingWorks').then((m) => m.NothingWorks), {
  ssr: false,
});
const NewAngle = dynamic(() => import('./NewAngle'), { ssr: false });
const Sitting = dynamic(() => import('./Sitting'), { ssr: false });

const NO_EDGES: EdgeNeed[] = [];

interface PlanProps {
  need: LoggedNeed;
  /** All edges of the rack: others may come along in one sitting. */
  edges: readonly EdgeNeed[];
  address: JobAddress;
  /** Where it is worked until the person says otherwise. */
  spot: Spot;
  settings: Settings;
}

/** The plan for one edge: what it starts from, the chip, the ladder, the steps, and the start. */
export function PlanFor(props: PlanProps) {
  const { need, address, settings } = props;
  const { tool, stops } = need;
  const { job } = address;
  const [wishes, setWishes] = useState<PlanWishes>(() => firstWishes(need, address, props.spot));
  const planned = usePlan(need, address, wishes);
  const start = useStart(need, address, wishes);
  const others = useOtherEdges(job === 'touch-up' ? props.edges : NO_EDGES, need, wishes);
  const underWay = underWayOn(useUnderWay(tool.id), { zoneId: need.zone.id, job });
  const [taken, setTaken] = useState<string[]>([]);
  const { coinThicknessMm } = settings;
  const sitting = { tool, coinThicknessMm, others, taken };
  if (!planned) return null;

  const { plan, edge, zone } = planned;
  const stopped = stops.length > 0;
  return (
    <>
      <div className="mx-auto w-full max-w-[82rem] px-4 pt-3 pb-8 sm:px-8">
        <Title words={job === 'spine' ? say.spineOf(tool.name) : edgeName(tool, zone)}>
          {!stopped && <JobChoice need={need} chosen={address} />}
        </Title>
        {stopped ? (
          <StopUse toolId={tool.id} stops={stops} />
        ) : (
          <>
            <FromHere
              need={need}
              address={address}
              planned={planned}
              wishes={wishes}
              onWish={setWishes}
            />
            {plan?.outcome === 'planned' && (
              <Planned
                need={need}
                job={job}
                aim={address.aim}
                plan={plan}
                edge={edge}
                zone={zone}
                wishes={wishes}
                onWish={setWishes}
                coinThicknessMm={coinThicknessMm}
              >
                <Sitting {...sitting} plan={plan} zone={zone} onTake={setTaken} />
              </Planned>
            )}
            {plan?.outcome === 'out of reach' && <OutOfReach job={job} plan={plan} />}
          </>
        )}
      </div>
      <PlanBar
        headline={stopped ? say.stopUse : planHeadline(job, plan)}
        plan={plan}
        zone={zone}
        keeps={job === 'angle' && plan ? keepsWords(plan, tool) : null}
        startWords={startWords(job, plan)}
        underWay={stopped ? undefined : underWay}
        onStart={() => plan && void start(plan, edge, inTurn(others, taken))}
      />
    </>
  );
}

function Title({ words, children }: { words: string; children: ReactNode }) {
  return (
    <div className="flex flex-wrap items-center gap-x-5">
      <TabTitle>{titles.plan(words)}</TabTitle>
      <h1>{words}</h1>
      {children}
      <Link href="/touch-up" className="link ml-auto inline-flex min-h-12 items-center">
        {say.anotherEdge}
      </Link>
    </div>
  );
}

/** Nothing at hand does it: what would, and why the rest does not. */
function OutOfReach({ job, plan }: { job: Job; plan: JobPlan }) {
  return (
    <section className="mt-6 grid max-w-[70ch] gap-3">
      <h2>{plan.tooLongMinutes === null ? JOB_WORDS[job].outOfReach : say.whatIsAtHandWould}</h2>
      <NothingWorks plan={plan} />
    </section>
  );
}

/** What is wished before anything was changed: the edge as it stands, and what the address asks for. */
export function firstWishes(
  { state, zone }: LoggedNeed,
  { tripId, damageWay }: JobAddress,
  spot: Spot,
): PlanWishes {
  return {
    seen: { tests: [...state.tests], findings: [...state.findings] },
    where: { spot, tripId },
    workSince: null,
    asks: { work: zone.work, targetApexUm: zone.targetApexUm },
    damageWay,
    ownLadder: NO_WISHES,
    held: {},
    arcPasses: false,
    finish: null,
  };
}

/** What a plan starts from: the edge and what is asked of it, the new angle, the chip. */
function FromHere(props: {
  need: LoggedNeed;
  address: JobAddress;
  planned: NonNullable<ReturnType<typeof usePlan>>;
  wishes: PlanWishes;
  onWish: (wishes: PlanWishes) => void;
}) {
  const { need, address, planned, wishes, onWish } = props;
  const { tool, state } = need;
  const { edge, zone, plan } = planned;
  const { job } = address;
  if (job === 'spine') {
    const { startMm, endMm } = spineStretch(tool);
    return <p className="text-lg">{say.spineWorkedAt(spanMm(startMm, endMm))}</p>;
  }
  return (
    <>
      <PlanHead
        tool={tool}
        zone={zone}
        observedAt={state.apex && state.observedAt}
        planIn={planned.planIn}
        wishes={wishes}
        onChange={onWish}
      />
      {job === 'angle' && (
        <NewAngle tool={tool} zone={zone} chosen={address.aim} planAt={planned.planAt} />
      )}
      {plan?.leftDamage && (
        <p className="mt-2 border-l-4 border-neutral pl-4">
          {say.theChipOfStaysMending(plan.leftDamage.depthMm, leftDamageWords(plan.leftDamage))}
        </p>
      )}
      {job === 'touch-up' && edge && (
        <DamageWays
          edge={edge}
          findings={wishes.seen.findings}
          onChoose={(damageWay) => onWish({ ...wishes, damageWay })}
        />
      )}
    </>
  );
}
