'use client';

import { tripWords as say } from './words';
import { SideScroll } from '../../ui/SideScroll';
import { Said } from '../../ui/Term';
import { useState } from 'react';
import type { TripChange } from '../../core/trip';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { useJob, startTripWhatIf } from '../../live';
import { minutes, rounded } from '../../ui/format';
import { failureWords } from '../../ui/words/failureWords';

interface WhatIfProps {
  trip: Trip;
  tools: readonly Tool[];
  /** The tool whose ways are looked at. */
  tool: Tool;
  /** The hour that it is, ISO 8601. */
  now: string;
}

/** The same trip done otherwise, side by side with the plan. */
export function TripWhatIf(props: WhatIfProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details className="border-y border-rule" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-12 cursor-pointer py-3">
        <span className="sign text-xl">{say.whatIf}</span>{' '}
        <span className="text-soft">{say.whatIfOfTool(props.tool.name)}</span>
      </summary>
      {isOpen && <Outcomes {...props} />}
    </details>
  );
}

function Outcomes({ trip, tools, tool, now }: WhatIfProps) {
  const [state] = useJob({ trip, toolId: tool.id, now }, (asked) =>
    startTripWhatIf(asked.trip, asked.toolId, asked.now),
  );
  if (state.phase === 'failed') return <p role="alert">{failureWords(state.error)}</p>;
  if (state.phase !== 'done') return <p role="status">{say.counting}</p>;
  const [plan, ...others] = state.answer ?? [];
  if (!plan) return null;
  return (
    <SideScroll label={say.whatIf} className="pb-3">
      <table className="table-plain">
        <thead>
          <tr>
            <th>{say.whichWay}</th>
            <th className="number">{say.minutesInAll}</th>
            <th className="number">{say.workWithADullEdge}</th>
            <th className="number">
              <Said>{say.daysWithAChip}</Said>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <td className="font-semibold">{changeWords(plan.change, tools)}</td>
            <td className="number">{minutes(plan.minutes)}</td>
            <td className="number">{rounded(plan.belowHours, 1)} h</td>
            <td className="number">{rounded(plan.chips, 1)}</td>
          </tr>
          {others.map(({ change, minutes: spent, belowHours, chips }) => (
            <tr key={`${change.kind} ${'toolId' in change ? change.toolId : ''}`}>
              <td className="font-semibold">{changeWords(change, tools)}</td>
              <td className="number">{moreOrLess(spent - plan.minutes, 1, ' min')}</td>
              <td className="number">
                {moreOrLess(60 * (belowHours - plan.belowHours), 0, ' min')}
              </td>
              <td className="number">{moreOrLess(chips - plan.chips, 2)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-[0.92rem] text-soft">{say.meansOverTheSameRuns}</p>
    </SideScroll>
  );
}

function changeWords(change: TripChange, tools: readonly Tool[]): string {
  const name = 'toolId' in change ? (tools.find(({ id }) => id === change.toolId)?.name ?? '') : '';
  switch (change.kind) {
    case 'as planned':
      return say.asPlanned;
    case 'keener':
      return say.leaveKeener(name);
    case 'micro-bevel':
      return say.aMicroBevelOn(name);
    case 'one more':
      return say.takeOneMore(name);
    case 'without files':
      return say.leaveTheFileAtHome;
  }
}

/** A difference with its sign, or that there is none to speak of. */
function moreOrLess(by: number, decimals: number, unit = ''): string {
  const said = rounded(Math.abs(by), decimals);
  if (Number(said) === 0) return say.theSame;
  return `${by < 0 ? '−' : '+'}${said}${unit}`;
}
