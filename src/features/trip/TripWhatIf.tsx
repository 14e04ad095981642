'use client';

import { useState } from 'react';
import type { TripChange } from '../../core';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { useJob } from '../../live';
import { minutes } from '../../ui/format';
import { failureWords } from '../../ui/words/failureWords';
import { startTripWhatIf } from '../../workers/tripClient';

interface WhatIfProps {
  trip: Trip;
  tools: readonly Tool[];
  /** The hour that it is, ISO 8601. */
  now: string;
}

/** The same trip done otherwise, side by side with the plan. */
export function TripWhatIf(props: WhatIfProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details className="border-y border-rule" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-12 cursor-pointer py-3">
        <span className="sign text-xl">What if</span>{' '}
        <span className="text-soft">keener, steeper, one more, or without the file</span>
      </summary>
      {isOpen && <Outcomes {...props} />}
    </details>
  );
}

function Outcomes({ trip, tools, now }: WhatIfProps) {
  const [state] = useJob({ trip, now }, (asked) => startTripWhatIf(asked.trip, asked.now));
  if (state.phase === 'failed') return <p role="alert">{failureWords(state.error)}</p>;
  if (state.phase !== 'done') return <p role="status">Counting …</p>;
  return (
    <div className="overflow-x-auto pb-3">
      <table className="table-plain">
        <thead>
          <tr>
            <th>Way</th>
            <th className="number">Minutes in all</th>
            <th className="number">Dull hours</th>
            <th className="number">Days with a chip</th>
          </tr>
        </thead>
        <tbody>
          {(state.answer ?? []).map(({ change, minutes: spent, belowHours, chips }) => (
            <tr key={`${change.kind} ${'toolId' in change ? change.toolId : ''}`}>
              <td className="font-semibold">{changeWords(change, tools)}</td>
              <td className="number">{minutes(spent)}</td>
              <td className="number">{belowHours.toFixed(1)}</td>
              <td className="number">{chips.toFixed(1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-[0.92rem] text-soft">
        Means over the same runs. Dull hours: work done below what it needs.
      </p>
    </div>
  );
}

function changeWords(change: TripChange, tools: readonly Tool[]): string {
  const name = 'toolId' in change ? (tools.find(({ id }) => id === change.toolId)?.name ?? '') : '';
  switch (change.kind) {
    case 'as planned':
      return 'As planned';
    case 'keener':
      return `Leave ${name} keener`;
    case 'micro-bevel':
      return `A micro-bevel on ${name}`;
    case 'one more':
      return `Take one more ${name}`;
    case 'without files':
      return 'Leave the file at home';
  }
}
