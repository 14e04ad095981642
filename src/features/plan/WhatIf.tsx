'use client';

import { SideScroll } from '../../ui/SideScroll';
import { sum } from 'd3-array';
import { useMemo, useState } from 'react';
import { whatIf, type EdgeJob, type JobPlan, type OtherWay } from '../../core';
import { minutesSpan, ml, steel, um } from '../../ui/format';
import { finishWords } from '../../ui/words/finishWords';
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
        <span className="sign text-xl">What if</span>{' '}
        <span className="text-soft">another finish, one stone, less steel: side by side</span>
      </summary>
      {isOpen && (
        <SideScroll label="Other ways" className="pb-3">
          <table className="table-plain">
            <thead>
              <tr>
                <th>Way</th>
                <th className="number">Minutes</th>
                <th className="number">Strokes a side</th>
                <th>Ends at</th>
                <th>Finish</th>
                <th className="number">Steel</th>
                <th className="number">Water</th>
                <th />
              </tr>
            </thead>
            <tbody>
              <Row name="As planned" plan={plan} />
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
          {others.length === 0 && (
            <p className="mt-2">With what is at hand there is no other way.</p>
          )}
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
      <td>{lastStone ? finishWords(lastStone.abrasive.sizeUm) : 'as it is'}</td>
      <td className="number">{steel(sum(steps, ({ volumeMm3 }) => volumeMm3))}</td>
      <td className="number">{waterMl > 0 ? ml(waterMl) : 'none'}</td>
      <td>
        {onTake && (
          <button
            type="button"
            className="link min-h-12"
            aria-label={`Take: ${name}`}
            onClick={onTake}
          >
            Take it
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
        ? 'Finish by task'
        : way.finish === 'toothy'
          ? 'Toothy'
          : 'Polished';
    case 'stop earlier':
      return 'In less time: no finest stone';
    case 'one stone':
      return way.sequence.length > 1 ? 'One stone and the strop' : 'One stone';
    case 'damage':
      return {
        'narrow band': 'A narrow band',
        'whole face': 'The whole face',
        'leave it': 'Leave the damage',
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
