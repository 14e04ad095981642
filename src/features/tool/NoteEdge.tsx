'use client';

import { toolLink } from '../../ui/links';
import { toolWords as say } from './words/toolWords';
import { nanoid } from 'nanoid';
import { notice } from '../../ui/notice';
import { useDraftState, useStore, tripIdAt } from '../../live';
import { newRecord } from '../../domain/newRecord';
import type { Observation } from '../../domain/session';
import { NO_CHECKS } from '../../domain/observation';
import type { Tool } from '../../domain/tool';
import { SelectField } from '../../ui/forms/fields';
import { LeftHere } from '../../ui/LeftHere';

import { seenInWords } from '../../ui/words/seenWords';
import { ObservationFields } from '../../ui/ObservationFields';
import { stampNow } from '../../domain/clock';

/** A look at the edge between touch-ups: what it passes, and its deepest chip. */
export function NoteEdge({ tool, onDone }: { tool: Tool; onDone: () => void }) {
  const store = useStore();
  const left = useDraftState<{ zoneId: string; seen: Observation }>(
    'short look',
    tool.id,
    { zoneId: tool.zones[0]!.id, seen: { tests: [], findings: [] } },
    {
      title: (look) => say.noting(tool.name, seenInWords(look.seen)),
      href: toolLink(tool.id),
    },
  );
  const { seen } = left.value;
  const zone = tool.zones.find(({ id }) => id === left.value.zoneId) ?? tool.zones[0]!;
  const zoneId = zone.id;

  const save = async (): Promise<void> => {
    const at = stampNow();
    const id = nanoid();
    await store.inspections.save({
      ...newRecord(id, at),
      toolId: tool.id,
      zoneId,
      tripId: await tripIdAt(store, tool.id, at),
      at,
      seen,
      lookedAlong: saysOfDamage(seen),
      checks: NO_CHECKS,
      notes: '',
    });
    left.done();
    onDone();
    void notice(say.savedOnTheStrip, {
      action: {
        label: say.undo,
        onClick: () => void store.inspections.remove(id, stampNow()),
      },
    });
  };
  const cancel = (): void => {
    left.done();
    onDone();
  };
  return (
    <section aria-label={say.howItCutsNow} className="mt-4 grid gap-3 border-y-2 border-rule py-4">
      <LeftHere at={left.leftAt} onAnew={left.startAnew} />
      {tool.zones.length > 1 && (
        <SelectField
          label={say.whichStretch}
          value={zoneId}
          options={tool.zones.map(({ id, name }) => [id, name] as const)}
          onChange={(event) => left.change({ zoneId: event.target.value, seen })}
        />
      )}
      <ObservationFields
        legend={say.theFinestTestItPasses}
        value={seen}
        onChange={(next) => left.change({ zoneId, seen: next })}
        zone={zone}
      />
      <div className="flex gap-3">
        <button
          type="button"
          className="btn btn-neutral"
          disabled={seen.tests.length + seen.findings.length === 0}
          onClick={() => void save()}
        >
          {say.saveIt}
        </button>
        <button type="button" className="btn btn-ghost" onClick={cancel}>
          {say.cancel}
        </button>
      </div>
    </section>
  );
}

/** A test alone says nothing of damage: what was found before stays. */
function saysOfDamage({ findings }: Observation): boolean {
  return findings.length > 0;
}
