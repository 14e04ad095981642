'use client';

import { spoken } from '../../ui/words/closedWords';
import { inspectWords as say } from '../../ui/words/screens/inspect';
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
      options={words.map((word) => [word as string, spoken(word)] as const)}
      chosen={checks[key] as string | null}
      onChoose={(word) => onChange({ ...checks, [key]: word })}
      onClear={() => onChange({ ...checks, [key]: null })}
    />
  );
  return (
    <section className="mt-6">
      <h2>{say.theWholeTool}</h2>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        {tool.head !== 'tang' &&
          row('head', tool.head === 'bolted bit' ? say.bitAndItsBolts : say.head, [
            'tight',
            'loose',
          ])}
        {row('handle', isAxe ? say.haft : say.handle, ['sound', 'cracked'])}
        {row('blade', isAxe ? say.bladeAndEye : say.blade, ['sound', 'cracked'])}
        {row('straightness', say.straightness, ['true', 'slightly bent', 'badly bent'])}
        {row('temper', say.temper, ['sound', 'overheated'])}
      </div>
    </section>
  );
}
