'use client';

import { spoken } from '../../ui/words/closedWords';
import { counted } from '../../ui/words/counted';
import { toolWords as say } from './words/toolWords';
import { useMemo } from 'react';
import type { Endurance } from '../../core/evidence';
import { toolEndurance } from '../../core/log';
import { FINISH_NAMES } from '../../core/sharpness';
import type { Tool } from '../../domain/tool';
import { useReadToolLog } from '../../live';
import { sentence, rounded } from '../../ui/format';

/** How long each finish lasted on this tool until its edge was tired, by its own log. */
export function FinishEndurance({ tool }: { tool: Tool }) {
  const sessions = useReadToolLog(tool.id)?.sessions;
  const lines = useMemo(
    () =>
      toolEndurance(tool, { sessions: sessions ?? [], inspections: [], trips: [] }).filter(
        ({ taskId }) => taskId === null,
      ),
    [tool, sessions],
  );
  if (lines.length === 0) return null;
  const units = [...new Set(lines.map(({ unit }) => unit))];
  const finishes = FINISH_NAMES.filter((name) => lines.some(({ finish }) => finish === name));
  return (
    <section className="mt-6">
      <h2>{say.howLongAFinishLasts}</h2>
      <table className="table-plain mt-1 max-w-xl">
        <thead>
          <tr>
            <th>{say.finish}</th>
            {units.map((unit) => (
              <th key={unit} className="number">
                {say.untilTired(spoken(unit))}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {finishes.map((finish) => (
            <tr key={finish}>
              <td className="font-semibold">{sentence(spoken(finish))}</td>
              {units.map((unit) => (
                <td key={unit} className="number">
                  {lasts(lines.find((line) => line.finish === finish && line.unit === unit))}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-[0.95rem] text-soft">{say.whenceDullingIsKnown}</p>
    </section>
  );
}

function lasts(line: Endurance | undefined): string {
  if (!line) return '–';
  const { untilTired, isAtLeast, spells } = line;
  const amount = untilTired < 10 ? rounded(untilTired, 1) : Math.round(untilTired);
  return `${isAtLeast ? say.atLeast : ''}${amount}, ${counted.stretch(spells)}`;
}
