'use client';

import { toolWords as say } from './words/toolWords';
import { nanoid } from 'nanoid';
import { useFieldArray, useFormContext } from 'react-hook-form';
import type { Tool } from '../../domain/tool';

/** The zones of the edge, to choose, add and remove. */
export function ZoneTabs(props: { tool: Tool; index: number; onChange: (index: number) => void }) {
  const { tool, index, onChange } = props;
  const { control } = useFormContext<Tool>();
  const { append, remove } = useFieldArray({ control, name: 'zones', keyName: 'key' });

  /** The last zone cut in half: the new one takes the forward part. */
  const split = (): void => {
    const last = tool.zones.at(-1)!;
    append({
      ...last,
      id: nanoid(8),
      name: say.stretchNumber(tool.zones.length + 1),
      startMm: Math.round((last.startMm + last.endMm) / 2),
    });
    onChange(tool.zones.length);
  };
  return (
    <div className="mb-3 flex flex-wrap items-center gap-2" role="group" aria-label={say.stretches}>
      {tool.zones.map(({ id, name }, i) => (
        <button
          key={id}
          type="button"
          aria-pressed={i === index}
          className={`btn ${i === index ? 'btn-neutral' : 'btn-outline'}`}
          onClick={() => onChange(i)}
        >
          {name}
        </button>
      ))}
      <button type="button" className="btn btn-ghost" onClick={split}>
        {say.addAStretch}
      </button>
      {tool.zones.length > 1 && (
        <button
          type="button"
          className="btn btn-ghost"
          onClick={() => {
            remove(index);
            onChange(0);
          }}
        >
          {say.removeThisStretch}
        </button>
      )}
    </div>
  );
}
