import { planWords as say } from './words/planWords';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import type { EdgeAim } from '../../core/edge';
import { ARC_FACETS, type EdgeJob, type JobPlan } from '../../core/jobs';
import { workingFace, type LadderStep } from '../../core/ladder';
import type { HeldWay, Job } from '../../domain/terms';
import type { Zone } from '../../domain/tool';
import { edgeName } from '../../domain/edgeName';
import { Share } from '../../ui/Share';
import { titles } from '../../ui/words/titleWords';
import { CheckField } from '../../ui/forms/fields';
import { LadderChoice } from './LadderChoice';
import type { LoggedNeed } from './loggedNeed';
import { PlanSteps } from './PlanSteps';
import type { PlanWishes } from './usePlan';

const PlanAside = dynamic(() => import('./PlanAside'), { ssr: false });
const UpkeepAside = dynamic(() => import('./UpkeepAside'), { ssr: false });
const WhatIf = dynamic(() => import('./WhatIf'), { ssr: false });
const Stages = dynamic(() => import('./Stages').then((m) => m.Stages), { ssr: false });

const isStone = ({ abrasive }: LadderStep): boolean => abrasive.kind === 'stone';

/** A plan that stands: its ladder to choose from, its steps, other ways, and what goes beside it. */
export function Planned(props: {
  need: LoggedNeed;
  job: Job;
  aim: EdgeAim | null;
  plan: JobPlan;
  edge: EdgeJob | null;
  zone: Zone;
  wishes: PlanWishes;
  onWish: (wishes: PlanWishes) => void;
  coinThicknessMm: number;
  /** The other edges of the sitting. */
  children: ReactNode;
}) {
  const { need, job, aim, plan, zone, wishes, onWish, coinThicknessMm, children } = props;
  const { tool } = need;
  const edge = job === 'touch-up' ? props.edge : null;
  const ownLadder = job === 'touch-up' || job === 'thin' ? props.edge : null;
  const isArc = job === 'touch-up' && zone.grind === 'convex' && plan.steps.some(isStone);
  /** Held another way a thing works faster or slower: it stays the thing that is used. */
  const heldSo = (id: string, way: HeldWay): PlanWishes => ({
    ...wishes,
    held: { ...wishes.held, [id]: way },
    ownLadder: ownLadder
      ? { ...wishes.ownLadder, sequence: plan.steps.map(({ abrasive }) => abrasive.id) }
      : wishes.ownLadder,
  });
  return (
    <>
      {ownLadder && (
        <LadderChoice
          edge={ownLadder}
          job={job === 'thin' ? 'thin' : 'touch-up'}
          plan={plan}
          onChange={(ownLadder) => onWish({ ...wishes, ownLadder })}
        />
      )}
      {job === 'angle' && <Stages plan={plan} zone={zone} />}
      <PlanSteps
        plan={plan}
        face={workingFace(tool, zone)}
        tool={tool}
        zone={zone}
        coinThicknessMm={coinThicknessMm}
        onHeld={(id, way) => onWish(heldSo(id, way))}
      />
      {isArc && (
        <CheckField
          label={say.blendArcAfterEachStone(ARC_FACETS)}
          checked={wishes.arcPasses}
          onChange={(event) => onWish({ ...wishes, arcPasses: event.target.checked })}
        />
      )}
      {edge && <WhatIf edge={edge} plan={plan} wishes={wishes} onTake={onWish} />}
      {children}
      <p className="mt-3">
        <Share
          title={titles.plan(edgeName(tool, zone))}
          blocks={async () =>
            (await import('./planBlocks')).planBlocks(plan, { tool, zone, coinThicknessMm })
          }
        />
      </p>
      {job === 'upkeep' && props.edge && <UpkeepAside need={need} edge={props.edge} />}
      <PlanAside need={need} job={job} aim={aim} plan={plan} coinThicknessMm={coinThicknessMm} />
    </>
  );
}
