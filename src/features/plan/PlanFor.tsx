'use client';

import Link from '../../ui/Link';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { ARC_PASSES, NO_WISHES, workingFace, type EdgeNeed, type LadderStep } from '../../core';
import { edgeName } from '../../domain/edgeName';
import type { Settings } from '../../domain/settings';
import type { JobAddress } from '../../ui/jobAddress';
import { CheckField } from '../../ui/forms/fields';
import { StopUse } from '../../ui/StopUse';
import type { LoggedNeed } from './loggedNeed';
import { DamageWays } from './DamageWays';
import { JobChoice } from './JobChoice';
import { JOB_WORDS, planHeadline } from './jobWords';
import { LadderChoice } from './LadderChoice';
import { LeftOut } from './LeftOut';
import { PlanAside } from './PlanAside';
import { PlanBar } from './PlanBar';
import { PlanHead } from './PlanHead';
import { PlanSteps } from './PlanSteps';
import { Sitting } from './Sitting';
import { useOtherEdges } from './useSitting';
import { usePlan, type PlanWishes } from './usePlan';
import { useStart } from './useStart';

const NewAngle = dynamic(() => import('./NewAngle'), { ssr: false });
const WhatIf = dynamic(() => import('./WhatIf'), { ssr: false });

const isStone = ({ abrasive }: LadderStep): boolean => abrasive.kind === 'stone';

/** The plan for one edge: what it starts from, the chip, the ladder, the steps, and the start. */
export function PlanFor(props: {
  need: LoggedNeed;
  /** All edges of the same tool. */
  edges: readonly EdgeNeed[];
  address: JobAddress;
  settings: Settings;
}) {
  const { need, edges, address, settings } = props;
  const { tool, state, stops } = need;
  const { job } = address;
  const [wishes, setWishes] = useState<PlanWishes>(() => ({
    seen: { tests: [...state.tests], findings: [...state.findings] },
    where: address.where,
    workSince: null,
    asks: { work: need.zone.work, targetApexUm: need.zone.targetApexUm },
    damageWay: address.damageWay,
    ownLadder: NO_WISHES,
    arcPasses: false,
    finish: null,
  }));
  const planned = usePlan(need, address, wishes);
  const start = useStart(need, address, wishes);
  const others = useMemo(
    () => (job === 'touch-up' ? edges.filter(({ zone }) => zone.id !== need.zone.id) : []),
    [job, edges, need.zone.id],
  );
  const otherEdges = useOtherEdges(others, wishes);
  const [taken, setTaken] = useState<string[]>([]);
  if (!planned) return null;

  const { plan, edge, zone } = planned;
  const stopped = stops.length > 0;
  return (
    <>
      <div className="mx-auto w-full max-w-[82rem] px-4 pt-3 pb-8 sm:px-8">
        <div className="flex flex-wrap items-center gap-x-5">
          <h1>{job === 'spine' ? `${tool.name}, spine` : edgeName(tool, zone)}</h1>
          {!stopped && <JobChoice need={need} chosen={address} />}
          <Link href="/touch-up" className="link ml-auto inline-flex min-h-12 items-center">
            Another edge
          </Link>
        </div>
        {stopped ? (
          <StopUse toolId={tool.id} stops={stops} />
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
              <DamageWays
                edge={edge}
                findings={wishes.seen.findings}
                onChoose={(damageWay) => setWishes({ ...wishes, damageWay })}
              />
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
                {job === 'touch-up' && zone.grind === 'convex' && plan.steps.some(isStone) && (
                  <CheckField
                    label={`Blend the whole arc after each stone, in ${ARC_PASSES} passes from apex to shoulder`}
                    checked={wishes.arcPasses}
                    onChange={(event) => setWishes({ ...wishes, arcPasses: event.target.checked })}
                  />
                )}
                {job === 'touch-up' && edge && (
                  <WhatIf edge={edge} plan={plan} wishes={wishes} onTake={setWishes} />
                )}
                <Sitting
                  plan={plan}
                  zoneName={zone.name}
                  others={otherEdges}
                  taken={taken}
                  onTake={setTaken}
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
        onStart={() =>
          plan &&
          void start(
            plan,
            edge,
            otherEdges.filter((other) => taken.includes(other.need.zone.id)),
          )
        }
      />
    </>
  );
}
