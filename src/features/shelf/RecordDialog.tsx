'use client';

import { nanoid } from 'nanoid';
import { notice } from '../../ui/notice';
import { shelfAbrasives, type Shelf } from '../../core';
import { useRecords, useStore } from '../../live';
import type { Abrasive, Compound, Helper, Lubricant, Strop } from '../../domain/shelf';
import { Dialog } from '../../ui/Dialog';
import { AbrasiveForm } from './AbrasiveForm';
import { CompoundForm, HelperForm, LubricantForm } from './otherForms';
import { Reaches } from './Reaches';
import { StropForm } from './StropForm';

/** What is being edited: a record of its store, or a new one. */
export type Editing =
  | { store: 'abrasives'; record?: Abrasive }
  | { store: 'strops'; record?: Strop }
  | { store: 'compounds'; record?: Compound }
  | { store: 'lubricants'; record?: Lubricant }
  | { store: 'helpers'; record?: Helper };

const TITLES: Record<Editing['store'], string> = {
  abrasives: 'stone, file or paper',
  strops: 'strop',
  compounds: 'compound',
  lubricants: 'lubricant',
  helpers: 'helper',
};

/** One thing of the shelf in a dialog: kept, changed or taken off, each with its undo. */
export default function RecordDialog(props: {
  editing: Editing;
  shelf: Shelf;
  onClose: () => void;
}) {
  const { editing, shelf, onClose } = props;
  const tools = useRecords('tools') ?? [];
  const faces = shelfAbrasives(shelf)
    .filter(({ needsAll }) => needsAll[0] === editing.record?.id)
    .map(({ abrasive }) => abrasive);
  const { stamp, kept, takeOff } = useKeptRecord(editing, onClose);
  const common = {
    stamp,
    onCancel: onClose,
    onTakeOff: editing.record ? () => void takeOff() : undefined,
  };
  const store = useStore();
  return (
    <Dialog
      wide
      title={editing.record ? editing.record.name : `A new ${TITLES[editing.store]}`}
      onClose={onClose}
    >
      <Reaches faces={faces} tools={tools} />
      {editing.store === 'abrasives' && (
        <AbrasiveForm
          record={editing.record}
          onSave={(r) => kept(r.name, r.id, () => store.abrasives.save(r))}
          {...common}
        />
      )}
      {editing.store === 'strops' && (
        <StropForm
          record={editing.record}
          compounds={shelf.compounds}
          onSave={(r) => kept(r.name, r.id, () => store.strops.save(r))}
          {...common}
        />
      )}
      {editing.store === 'compounds' && (
        <CompoundForm
          record={editing.record}
          onSave={(r) => kept(r.name, r.id, () => store.compounds.save(r))}
          {...common}
        />
      )}
      {editing.store === 'lubricants' && (
        <LubricantForm
          record={editing.record}
          onSave={(r) => kept(r.name, r.id, () => store.lubricants.save(r))}
          {...common}
        />
      )}
      {editing.store === 'helpers' && (
        <HelperForm
          record={editing.record}
          onSave={(r) => kept(r.name, r.id, () => store.helpers.save(r))}
          {...common}
        />
      )}
    </Dialog>
  );
}

/** What becomes of a record in the dialog: it is saved or taken off, and each can be taken back. */
function useKeptRecord(editing: Editing, onClose: () => void) {
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
  return { stamp, kept, takeOff };
}
