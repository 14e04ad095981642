'use client';

import { useState } from 'react';
import { adviseAngle, TASKS, workingFace, type AngleAdvice } from '../../core';
import type { Inspection, Session } from '../../domain/session';
import type { ToolKind } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { deg, fineMm } from '../../ui/format';

/** Work that each kind of tool usually does. */
const USUAL_TASKS: Record<ToolKind, readonly string[]> = {
  'scandi-knife': ['carve', 'feather'],
  'convex-knife': ['food', 'rope'],
  'flat-knife': ['food', 'rope'],
  'fillet-knife': ['fish'],
  'skinning-knife': ['hide'],
  parer: ['food'],
  'recurve-hook': ['rope'],
  hatchet: ['carve'],
  'felling-axe': ['chop'],
  tomahawk: ['chop'],
  machete: ['brush'],
};

/** The angle for the work planned, moved by what the log shows, with the price of each choice. */
export function AngleAdvisor(props: {
  tool: Tool;
  zone: Zone;
  sessions: readonly Session[];
  inspections: readonly Inspection[];
}) {
  const { tool, zone, sessions, inspections } = props;
  const [taskIds, setTaskIds] = useState<readonly string[]>(USUAL_TASKS[tool.kind]);
  const tasks = TASKS.filter(({ id }) => taskIds.includes(id));
  const advice = adviseAngle({ tool, zone, sessions, inspections, tasks });
  const present = workingFace(tool, zone).angleDeg;
  return (
    <section aria-label="Angle" className="min-w-0 overflow-x-auto">
      <h2>Angle: {adviceInWords(advice, present)}</h2>
      <p className="mt-1">{advice.reason}</p>
      <details className="mt-1">
        <summary className="inline-flex min-h-12 cursor-pointer items-center font-semibold underline underline-offset-4">
          For which work: {tasks.map(({ name }) => name).join(', ') || 'none chosen'}
        </summary>
        <div className="grid grid-cols-2">
          {TASKS.map(({ id, name }) => (
            <label key={id} className="flex min-h-12 items-center gap-3">
              <input
                type="checkbox"
                className="checkbox"
                checked={taskIds.includes(id)}
                onChange={(event) =>
                  setTaskIds(
                    event.target.checked ? [...taskIds, id] : taskIds.filter((t) => t !== id),
                  )
                }
              />
              {name}
            </label>
          ))}
        </div>
      </details>
      <table className="table-plain mt-2">
        <caption className="sr-only">What each angle costs</caption>
        <thead>
          <tr>
            <th>Per side</th>
            <th className="number">Thick at 0.25 mm</th>
            <th className="number">Wear, as chips</th>
            <th className="number">Bite</th>
            <th className="number">To grind away</th>
          </tr>
        </thead>
        <tbody>
          {advice.prices.map(({ angleDeg, thicknessMm, damageShare, biteShare, steelMm3 }) => (
            <tr key={angleDeg} className={angleDeg === present ? 'font-bold' : ''}>
              <td className="figures whitespace-nowrap">
                {deg(angleDeg)}
                {angleDeg === present && ' now'}
              </td>
              <td className="number">{fineMm(thicknessMm)}</td>
              <td className="number">{Math.round(100 * damageShare)} %</td>
              <td className="number">{Math.round(100 * biteShare)} %</td>
              <td className="number">
                {steelMm3 === 0 ? 'nothing' : `${Number(steelMm3.toPrecision(2))} mm³`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function adviceInWords({ move, changeDeg }: AngleAdvice, present: number): string {
  switch (move) {
    case 'keep':
      return `keep ${deg(present)}`;
    case 'thin':
      return 'thin the shoulders';
    case 'steeper':
      return `up ${deg(changeDeg)}, or a micro-bevel`;
    case 'flatter':
      return `down ${deg(-changeDeg)}`;
  }
}
