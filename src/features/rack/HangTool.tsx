'use client';

import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { useStore } from '../../live';
import { newRecord } from '../../domain/newRecord';
import { TOOL_KINDS, type ToolKind } from '../../domain/terms';
import { TOOL_KIND_NAMES, typicalTool } from '../../domain/typicalTools';
import { sentence } from '../../ui/format';
import { toolLink } from './work';

/** Hangs a new tool with the usual measures of its kind and opens it. */
export function HangTool() {
  const dialog = useRef<HTMLDialogElement>(null);
  const store = useStore();
  const router = useRouter();
  const [kind, setKind] = useState<ToolKind>('scandi-knife');
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);

  const hang = async (event: React.FormEvent): Promise<void> => {
    event.preventDefault();
    if (name.trim() === '') {
      setProblem('Give it a name, so that the log can speak of it.');
      return;
    }
    const id = nanoid();
    const record = newRecord(id, new Date().toISOString());
    await store.tools.save({ ...record, ...typicalTool(kind, name.trim()) });
    dialog.current?.close();
    router.push(toolLink(id));
  };
  return (
    <>
      <button type="button" className="btn btn-outline" onClick={() => dialog.current?.showModal()}>
        Hang a tool
      </button>
      <dialog
        ref={dialog}
        aria-labelledby="hang-title"
        className="m-auto w-[min(30rem,94vw)] bg-base-100 p-6 text-ink backdrop:bg-black/60"
      >
        <h2 id="hang-title">Hang a tool</h2>
        <form noValidate onSubmit={(event) => void hang(event)} className="mt-4 grid gap-4">
          <label className="grid gap-1">
            What it is
            <select
              className="select w-full"
              value={kind}
              onChange={(event) => setKind(event.target.value as ToolKind)}
            >
              {TOOL_KINDS.map((word) => (
                <option key={word} value={word}>
                  {sentence(TOOL_KIND_NAMES[word])}
                </option>
              ))}
            </select>
          </label>
          <label className="grid gap-1">
            What you call it
            <input
              className="input w-full"
              value={name}
              maxLength={80}
              aria-invalid={problem !== null}
              aria-describedby={problem ? 'hang-problem' : undefined}
              onChange={(event) => {
                setName(event.target.value);
                setProblem(null);
              }}
            />
            {problem && (
              <span id="hang-problem" role="alert" className="field-error">
                {problem}
              </span>
            )}
          </label>
          <p className="text-soft">It comes with usual measures. Measure it when you can.</p>
          <div className="flex gap-3">
            <button className="btn btn-primary">Hang it</button>
            <button type="button" className="btn btn-ghost" onClick={() => dialog.current?.close()}>
              Cancel
            </button>
          </div>
        </form>
      </dialog>
    </>
  );
}
