'use client';

import { toolForm } from '../../core';
import type { ToolChecks } from '../../domain/session';
import type { Tool } from '../../domain/tool';
import { Choice } from '../../ui/Choice';

/** Looks at the whole tool: head, handle, blade, straightness, temper. */
export function Checks(props: {
  tool: Tool;
  checks: ToolChecks;
  onChange: (checks: ToolChecks) => void;
}) {
  const { tool, checks, onChange } = props;
  const isAxe = toolForm(tool.kind) === 'axe';
  const row = <K extends keyof ToolChecks>(
    key: K,
    legend: string,
    words: readonly NonNullable<ToolChecks[K]>[],
  ) => (
    <Choice
      legend={legend}
      options={words.map((word) => [word as string, word as string] as const)}
      chosen={checks[key] as string | null}
      onChoose={(word) => onChange({ ...checks, [key]: word })}
      onClear={() => onChange({ ...checks, [key]: null })}
    />
  );
  return (
    <section className="mt-6">
      <h2>The whole tool</h2>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        {tool.head !== 'tang' &&
          row('head', tool.head === 'bolted bit' ? 'Bit and its bolts' : 'Head', [
            'tight',
            'loose',
          ])}
        {row('handle', isAxe ? 'Haft' : 'Handle', ['sound', 'cracked'])}
        {row('blade', isAxe ? 'Blade and eye' : 'Blade', ['sound', 'cracked'])}
        {row('straightness', 'Straightness', ['true', 'slightly bent', 'badly bent'])}
        {row('temper', 'Temper', ['sound', 'overheated'])}
      </div>
    </section>
  );
}
