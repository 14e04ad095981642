'use client';

import { shelfWords as say } from './words';
import { strokesSince } from '../../core/log';
import type { Shelf } from '../../core/ladder';
import type { Helper } from '../../domain/shelf';
import { NO_USE, useSurfaceUse } from '../../live';
import { um } from '../../ui/format';
import { spoken } from '../../ui/words/closedWords';
import { ThingDrawing } from '../../ui/things/ThingDrawing';
import { KeptThings } from './KeptThings';
import type { Editing } from './RecordDialog';
import { StoneTable } from './StoneTable';

/** Longest drawing in a table (px), and its scale. */
const STROP_PX = 160;
const PX_PER_MM = 0.5;

/** Everything on the shelf with its state, weight and place; each row opens for editing. */
export function ShelfTable(props: {
  shelf: Shelf;
  helpers: readonly Helper[];
  onEdit: (editing: Editing) => void;
}) {
  const { shelf, helpers, onEdit } = props;
  const uses = useSurfaceUse() ?? NO_USE;
  const compoundName = (id: string | null): string =>
    shelf.compounds.find((compound) => compound.id === id)?.name ?? 'bare';
  return (
    <div className="mt-8 grid gap-x-12 gap-y-8 lg:grid-cols-[1.5fr_1fr]">
      <div className="grid min-w-0 content-start gap-8">
        <StoneTable
          abrasives={shelf.abrasives}
          uses={uses}
          onAdd={() => onEdit({ store: 'abrasives' })}
          onEdit={(record) => onEdit({ store: 'abrasives', record })}
        />
        <KeptThings
          title={say.helpers}
          things={helpers}
          about={({ kind, covers }) => [...new Set([kind, ...covers].map(spoken))]}
          onAdd={() => onEdit({ store: 'helpers' })}
          onEdit={(record) => onEdit({ store: 'helpers', record })}
        />
      </div>
      <div className="grid min-w-0 content-start gap-8">
        <KeptThings
          title={say.strops}
          things={shelf.strops}
          about={(strop) => {
            const { surface, backing, compoundId, loadedAt, otherFaces, sagMm, freshLeft } = strop;
            const use = uses.get(strop.id);
            const strokes = use ? strokesSince(use) : 0;
            return [
              `${spoken(surface)}, ${spoken(backing)}, ${compoundName(compoundId)}`,
              ...otherFaces.map((face) =>
                say.otherFace(spoken(face.surface), compoundName(face.compoundId)),
              ),
              sagMm > 0 && say.sagsBy(sagMm),
              loadedAt && say.loadedSince(loadedAt, strokes),
              freshLeft !== null && say.freshLeft(freshLeft),
            ];
          }}
          drawn={(strop) => <ThingDrawing thing={strop} pxPerMm={PX_PER_MM} mostPx={STROP_PX} />}
          onAdd={() => onEdit({ store: 'strops' })}
          onEdit={(record) => onEdit({ store: 'strops', record })}
        />
        <KeptThings
          title={say.compounds}
          things={shelf.compounds}
          about={({ sizeUm }) => [um(sizeUm)]}
          onAdd={() => onEdit({ store: 'compounds' })}
          onEdit={(record) => onEdit({ store: 'compounds', record })}
        />
        <KeptThings
          title={say.lubricants}
          things={shelf.lubricants}
          about={({ kind }) => [spoken(kind)]}
          onAdd={() => onEdit({ store: 'lubricants' })}
          onEdit={(record) => onEdit({ store: 'lubricants', record })}
        />
      </div>
    </div>
  );
}
