'use client';

import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { newRecord } from '../../domain/newRecord';
import { typicalTool } from '../../domain/typicalTools';
import { bladeOf } from '../../domain/sharedHandle';
import { useDraftState, useRecords, useStore } from '../../live';
import { HandleSelect } from '../../ui/forms/HandleSelect';
import { Dialog } from '../../ui/Dialog';
import { SelectField, TextField } from '../../ui/forms/fields';
import { sentence } from '../../ui/format';
import { failureWords } from '../../ui/words/failureWords';
import { toolLink } from '../../ui/words/needWords';
import { KINDS, TOOL_KINDS, type ToolKind } from '../../domain/kinds';
import { stampNow } from '../../domain/clock';

interface NewTool {
  kind: ToolKind;
  name: string;
  handleOf: string;
}

const NEW: NewTool = { kind: 'scandi-knife', name: '', handleOf: '' };

/** Hangs a new tool with the usual measures of its kind and opens it. */
export default function HangToolDialog({ onClose }: { onClose: () => void }) {
  const store = useStore();
  const router = useRouter();
  const left = useDraftState<NewTool>('new tool', '', NEW, {
    title: ({ name: called }) => `hanging ${called || 'a new tool'}`,
    href: '/?hang',
  });
  const { kind, name, handleOf } = left.value;
  const tools = useRecords('tools') ?? [];
  const [problem, setProblem] = useState<string | null>(null);

  const hang = async (event: React.FormEvent): Promise<void> => {
    event.preventDefault();
    if (name.trim() === '') {
      setProblem('Give it a name, so that the log can speak of it.');
      return;
    }
    const id = nanoid();
    const body = tools.find((tool) => tool.id === handleOf);
    const shared = body && bladeOf(body);
    const record = newRecord(id, stampNow());
    try {
      await store.tools.save({ ...record, ...typicalTool(kind, name.trim()), ...shared });
    } catch (error) {
      setProblem(failureWords(error as Error));
      return;
    }
    left.done();
    onClose();
    router.push(toolLink(id));
  };
  const cancel = (): void => {
    left.done();
    onClose();
  };
  return (
    <Dialog title="Hang a tool" onClose={onClose}>
      <form noValidate onSubmit={(event) => void hang(event)} className="mt-4 grid gap-4">
        <SelectField
          label="What it is"
          value={kind}
          options={TOOL_KINDS.map((word) => [word, sentence(KINDS[word].name)] as const)}
          onChange={(event) => left.change({ ...left.value, kind: event.target.value as ToolKind })}
        />
        <TextField
          label="What you call it"
          value={name}
          maxLength={80}
          error={problem ?? undefined}
          onChange={(event) => {
            left.change({ ...left.value, name: event.target.value });
            setProblem(null);
          }}
        />
        {tools.length > 0 && (
          <HandleSelect
            tools={tools}
            value={handleOf}
            onChange={(event) => left.change({ ...left.value, handleOf: event.target.value })}
          />
        )}
        <p className="text-soft">It comes with usual measures. Measure it when you can.</p>
        <div className="flex gap-3">
          <button className="btn btn-primary">Hang it</button>
          <button type="button" className="btn btn-ghost" onClick={cancel}>
            Cancel
          </button>
        </div>
      </form>
    </Dialog>
  );
}
