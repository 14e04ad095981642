'use client';

import { nanoid } from 'nanoid';
import { notice } from '../../ui/notice';
import { useStore } from '../../live';
import type { Abrasive, Compound, Lubricant, Strop } from '../../domain/shelf';
import { Dialog } from '../../ui/Dialog';
import { AbrasiveForm } from './AbrasiveForm';
import { CompoundForm, LubricantForm, StropForm } from './otherForms';

/** What is being edited: a record of its store, or a new one. */
export type Editing =
  | { store: 'abrasives'; record?: Abrasive }
  | { store: 'strops'; record?: Strop }
  | { store: 'compounds'; record?: Compound }
  | { store: 'lubricants'; record?: Lubricant };

const TITLES: Record<Editing['store'], string> = {
  abrasives: 'stone, file or paper',
  strops: 'strop',
  compounds: 'compound',
  lubricants: 'lubricant',
};

/** One thing of the shelf in a dialog: kept, changed or taken off, each with its undo. */
export default function RecordDialog(props: {
  editing: Editing;
  compounds: readonly Compound[];
  onClose: () => void;
}) {
  const { editing, compounds, onClose } = props;
  const store = useStore();

  const now = (): string => new Date().toISOString();
  const stamp = () => ({
    id: editing.record?.id ?? nanoid(),
    createdAt: editing.record?.createdAt ?? now(),
    updatedAt: now(),
    deletedAt: null,
  });
  const done = (words: string, undo: () => void): void => {
    onClose();
    void notice(words, { action: { label: 'Undo', onClick: undo } });
  };
  /** Saves by `write`, and offers to take it back. */
  const kept = async (name: string, id: string, write: () => Promise<void>): Promise<void> => {
    const before = editing.record;
    await write();
    done(`${name} is on the shelf.`, () => {
      if (!before) void store[editing.store].remove(id, now());
      else void store[editing.store].update(id, () => ({ ...before, updatedAt: now() }) as never);
    });
  };
  const takeOff = async (): Promise<void> => {
    const { id, name } = editing.record!;
    await store[editing.store].remove(id, now());
    done(`${name} is off the shelf.`, () => void store[editing.store].restore(id, now()));
  };
  const common = {
    onCancel: onClose,
    onTakeOff: editing.record ? () => void takeOff() : undefined,
  };
  return (
    <Dialog
      wide
      title={editing.record ? editing.record.name : `A new ${TITLES[editing.store]}`}
      onClose={onClose}
    >
      {editing.store === 'abrasives' && (
        <AbrasiveForm
          record={editing.record}
          stamp={stamp}
          onSave={(r) => kept(r.name, r.id, () => store.abrasives.save(r))}
          {...common}
        />
      )}
      {editing.store === 'strops' && (
        <StropForm
          record={editing.record}
          stamp={stamp}
          compounds={compounds}
          onSave={(r) => kept(r.name, r.id, () => store.strops.save(r))}
          {...common}
        />
      )}
      {editing.store === 'compounds' && (
        <CompoundForm
          record={editing.record}
          stamp={stamp}
          onSave={(r) => kept(r.name, r.id, () => store.compounds.save(r))}
          {...common}
        />
      )}
      {editing.store === 'lubricants' && (
        <LubricantForm
          record={editing.record}
          stamp={stamp}
          onSave={(r) => kept(r.name, r.id, () => store.lubricants.save(r))}
          {...common}
        />
      )}
    </Dialog>
  );
}
