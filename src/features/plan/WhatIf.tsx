'use client';

import { planWords as say } from './words/planWords';
import { SideScroll } from '../../ui/SideScroll';
import { sum } from 'd3-array';
import { useMemo, useState } from 'react';
import { whatIf, type OtherWay } from '../../core/inspection';
import type { EdgeJob, JobPlan } from '../../core/jobs';
import { minutesSpan, ml, steel, um } from '../../ui/format';
import { finishWords } from './words/finishWords';
import { passesWords } from '../../ui/words/testWords';
import type { PlanWishes } from './usePlan';

/** The same touch-up done otherwise, side by side with the plan; each can be taken. */
export default function WhatIf(props: {
  edge: EdgeJob;
  plan: JobPlan;
  wishes: PlanWishes;
  onTake: (wishes: PlanWishes) => void;
}) {
  const { edge, plan, wishes, onTake } = props;
  const [isOpen, setOpen] = useState(false);
  const others = useMemo(() => (isOpen ? whatIf(edge, plan) : []), [isOpen, edge, plan]);
  return (
    <details className="mt-4 border-y border-rule" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-12 cursor-pointer py-3">
        <span className="sign text-xl">{say.whatIf}</span>{' '}
        <span className="text-soft">{say.anotherFinishOneStoneLess}</span>
      </summary>
      {isOpen && (
        <SideScroll label={say.otherWays} className="pb-3">
          <table className="table-plain">
            <thead>
              <tr>
                <th>{say.whichWay}</th>
                <th className="number">{say.minutes}</th>
                <th className="number">{say.strokesASide}</th>
                <th>{say.endsAt}</th>
                <th>{say.finish}</th>
                <th className="number">{say.steel}</th>
                <th className="number">{say.water}</th>
                <th />
              </tr>
            </thead>
            <tbody>
              <Row name={say.asPlanned} plan={plan} />
              {others.map(({ way, plan: other }) => (
                <Row
                  key={wayWords(way)}
                  name={wayWords(way)}
                  plan={other}
                  onTake={() => onTake({ ...wishes, ...wishesOf(way, wishes) })}
                />
              ))}
            </tbody>
          </table>
          {others.length === 0 && <p className="mt-2">{say.noOtherWayAtHand}</p>}
        </SideScroll>
      )}
    </details>
  );
}

function Row({ name, plan, onTake }: { name: string; plan: JobPlan; onTake?: () => void }) {
  const { steps, apexRadiusUm } = plan;
  const lastStone = steps.findLast(({ abrasive }) => abrasive.kind === 'stone');
  const waterMl = sum(steps, (step) => step.waterMl);
  return (
    <tr>
      <td className="font-semibold">{name}</td>
      <td className="number">{minutesSpan(plan)}</td>
      <td className="number">{sum(steps, ({ strokesPerSide }) => strokesPerSide)}</td>
      <td>
        {um(apexRadiusUm)}, {passesWords(apexRadiusUm)}
      </td>
      <td>{lastStone ? finishWords(lastStone.abrasive.sizeUm) : say.asItIs}</td>
      <td className="number">{steel(sum(steps, ({ volumeMm3 }) => volumeMm3))}</td>
      <td className="number">{waterMl > 0 ? ml(waterMl) : say.noWater}</td>
      <td>
        {onTake && (
          <button
            type="button"
            className="link min-h-12"
            aria-label={say.take(name)}
            onClick={onTake}
          >
            {say.takeIt}
          </button>
        )}
      </td>
    </tr>
  );
}

function wayWords(way: OtherWay): string {
  switch (way.kind) {
    case 'finish':
      return way.finish === 'by task'
        ? say.finishByTask
        : way.finish === 'toothy'
          ? say.toothy
          : say.polished;
    case 'stop earlier':
      return say.inLessTimeNoFinest;
    case 'one stone':
      return way.sequence.length > 1 ? say.oneStoneAndTheStrop : say.oneStone;
    case 'damage':
      return {
        'narrow band': say.aNarrowBand,
        'whole face': say.theWholeFace,
        'leave it': say.leaveTheDamage,
      }[way.way];
  }
}

function wishesOf(way: OtherWay, { ownLadder }: PlanWishes): Partial<PlanWishes> {
  switch (way.kind) {
    case 'finish':
      return { finish: way.finish };
    case 'one stone':
    case 'stop earlier':
      return { ownLadder: { ...ownLadder, sequence: way.sequence } };
    case 'damage':
      return { damageWay: way.way };
  }
}
