'use client';

import { nanoid } from 'nanoid';
import { useState } from 'react';
import { notice } from '../../ui/notice';
import { useStore, tripIdAt } from '../../live';
import { newRecord } from '../../domain/newRecord';
import type { Observation } from '../../domain/session';
import { NO_CHECKS } from '../../domain/observation';
import type { Tool } from '../../domain/tool';
import { SelectField } from '../../ui/forms/fields';
import { ObservationFields } from '../../ui/ObservationFields';

/** A look at the edge between touch-ups: what it passes, and its deepest chip. */
export function NoteEdge({ tool, onDone }: { tool: Tool; onDone: () => void }) {
  const store = useStore();
  const [zoneId, setZoneId] = useState(tool.zones[0]!.id);
  const [seen, setSeen] = useState<Observation>({ tests: [], findings: [] });
  const zone = tool.zones.find(({ id }) => id === zoneId)!;

  const save = async (): Promise<void> => {
    const at = new Date().toISOString();
    const id = nanoid();
    await store.inspections.save({
      ...newRecord(id, at),
      toolId: tool.id,
      zoneId,
      tripId: await tripIdAt(store, tool.id, at),
      at,
      seen,
      checks: NO_CHECKS,
      notes: '',
    });
    onDone();
    void notice('Noted on the strip.', {
      action: {
        label: 'Undo',
        onClick: () => void store.inspections.remove(id, new Date().toISOString()),
      },
    });
  };
  return (
    <section aria-label="How it cuts now" className="mt-4 grid gap-3 border-y-2 border-rule py-4">
      {tool.zones.length > 1 && (
        <SelectField
          label="Which zone"
          value={zoneId}
          options={tool.zones.map(({ id, name }) => [id, name] as const)}
          onChange={(event) => setZoneId(event.target.value)}
        />
      )}
      <ObservationFields
        legend="The finest test it passes"
        value={seen}
        onChange={setSeen}
        zone={zone}
      />
      <div className="flex gap-3">
        <button
          type="button"
          className="btn btn-neutral"
          disabled={seen.tests.length + seen.findings.length === 0}
          onClick={() => void save()}
        >
          Note it
        </button>
        <button type="button" className="btn btn-ghost" onClick={onDone}>
          Cancel
        </button>
      </div>
    </section>
  );
}
