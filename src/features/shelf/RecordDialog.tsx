'use client';

import { shelfWords as say } from './words';
import { nanoid } from 'nanoid';
import {
  shelfAbrasives,
  type Shelf,
  whyUnfit,
  workingFace,
  type LadderAbrasive,
} from '../../core/ladder';
import { removedOne, useChanges, useRecords, useUndoable } from '../../live';
import type { Abrasive, Compound, Helper, Lubricant, Strop } from '../../domain/shelf';
import { ChangesList } from '../../ui/ChangesList';
import { Dialog } from '../../ui/Dialog';
import { AbrasiveForm } from './AbrasiveForm';
import { CompoundForm, HelperForm, LubricantForm } from './otherForms';
import { StropForm } from './StropForm';
import { stampNow } from '../../domain/clock';
import { edgeName } from '../../domain/edgeName';
import type { Tool } from '../../domain/tool';
import { unfitWords } from '../../ui/words/unfitWords';

/** What is being edited: a record of its store, or a new one. */
export type Editing =
  | { store: 'abrasives'; record?: Abrasive }
  | { store: 'strops'; record?: Strop }
  | { store: 'compounds'; record?: Compound }
  | { store: 'lubricants'; record?: Lubricant }
  | { store: 'helpers'; record?: Helper };

const TITLES: Record<Editing['store'], string> = {
  abrasives: say.stoneFileOrPaper,
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
  const changes = useChanges(editing.record?.id ?? '');
  const common = {
    stamp,
    onCancel: onClose,
    onTakeOff: editing.record ? () => void takeOff() : undefined,
  };
  return (
    <Dialog
      wide
      title={editing.record ? editing.record.name : say.aNew(TITLES[editing.store])}
      onClose={onClose}
    >
      <Reaches faces={faces} tools={tools} />
      {editing.store === 'abrasives' && (
        <AbrasiveForm record={editing.record} onSave={kept} {...common} />
      )}
      {editing.store === 'strops' && (
        <StropForm record={editing.record} compounds={shelf.compounds} onSave={kept} {...common} />
      )}
      {editing.store === 'compounds' && (
        <CompoundForm record={editing.record} onSave={kept} {...common} />
      )}
      {editing.store === 'lubricants' && (
        <LubricantForm record={editing.record} onSave={kept} {...common} />
      )}
      {editing.store === 'helpers' && (
        <HelperForm record={editing.record} onSave={kept} {...common} />
      )}
      {editing.record && <ChangesList {...changes} />}
    </Dialog>
  );
}

/** What becomes of a record in the dialog: it is saved or taken off, and each can be taken back. */
function useKeptRecord(editing: Editing, onClose: () => void) {
  const stamp = () => ({
    id: editing.record?.id ?? nanoid(),
    createdAt: editing.record?.createdAt ?? stampNow(),
    updatedAt: stampNow(),
    deletedAt: null,
  });
  const undoable = useUndoable();
  const { store, record: before } = editing;
  const kept = async (record: { id: string; name: string }): Promise<void> => {
    await undoable(say.isOnTheShelf(record.name), [
      { store, id: record.id, before, after: record },
    ]);
    onClose();
  };
  const takeOff = async (): Promise<void> => {
    await undoable(say.isTakenDown(before!.name), [removedOne(store, before!, stampNow())]);
    onClose();
  };
  return { stamp, kept, takeOff };
}

/** Which edges of the rack a thing reaches, and why not the others. */
function Reaches(props: { faces: readonly LadderAbrasive[]; tools: readonly Tool[] }) {
  const { faces, tools } = props;
  const edges = tools.flatMap((tool) =>
    tool.zones.map((zone) => ({ name: edgeName(tool, zone), face: workingFace(tool, zone) })),
  );
  if (edges.length === 0 || faces.length === 0) return null;
  const missed = new Map<string, string[]>();
  for (const { name, face } of edges) {
    const reasons = faces.map((abrasive) => whyUnfit(abrasive, face));
    if (reasons.some((reason) => reason === null)) continue;
    const why = unfitWords(reasons[0]!);
    missed.set(why, [...(missed.get(why) ?? []), name]);
  }
  const reached = edges.length - [...missed.values()].flat().length;
  return (
    <div className="mt-2 border-l-4 border-rule pl-4">
      <p className="font-semibold">{say.worksEdges(reached, edges.length)}</p>
      {[...missed].map(([why, names]) => (
        <p key={why}>{say.doesNotWork(names.join(', '), why)}</p>
      ))}
    </div>
  );
}
