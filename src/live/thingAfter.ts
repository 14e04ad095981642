import type { CareRow } from '../core/care';
import { otherFaceId } from '../core/ladder';
import type { Abrasive, Strop } from '../domain/shelf';
import type { StoreName } from '../domain/storeNames';
import type { Store, Written } from '../data';

/**
 * A thing of the shelf as its care leaves it, to be written with the note of it; null where nothing changes.
 * `freshLeft`: so many fresh sheets or faces lie by afterwards, where the person has counted them.
 */
export async function thingAfter(
  store: Store,
  row: CareRow,
  at: string,
  freshLeft: number | null = null,
): Promise<Written | null> {
  const { doing, thingId } = row;
  switch (doing) {
    case 'flatten':
    case 'scrub': {
      const stone = await store.abrasives.get(thingId);
      return stone ? changed('abrasives', stone, cleaned(stone, doing, at)) : null;
    }
    case 'load': {
      const strop = await store.strops.get(thingId.split('/')[0]!);
      return strop ? changed('strops', strop, loaded(strop, thingId, at)) : null;
    }
    case 'next face':
    case 'restock': {
      const strop = await store.strops.get(thingId);
      if (strop) return changed('strops', strop, fresh(strop, 'loadedAt', at, freshLeft));
      const paper = await store.abrasives.get(thingId);
      if (!paper) return null;
      return changed('abrasives', paper, fresh(paper, 'freshAt', at, freshLeft));
    }
    default:
      return null;
  }
}

function changed(store: StoreName, before: { id: string }, after: { id: string }): Written {
  return { store, id: before.id, before, after };
}

/** A stone that is flattened is flat, and its faces cut again. */
function cleaned(stone: Abrasive, doing: 'flatten' | 'scrub', at: string): Abrasive {
  return {
    ...stone,
    dishMm: doing === 'flatten' ? 0 : stone.dishMm,
    faces: stone.faces.map((face) => ({ ...face, state: 'normal' as const })),
    updatedAt: at,
  };
}

/** The face that the log knows by this id has fresh compound. */
function loaded(strop: Strop, faceId: string, at: string): Strop {
  if (faceId === strop.id) return { ...strop, loadedAt: at, updatedAt: at };
  const otherFaces = strop.otherFaces.map((face, i) =>
    otherFaceId(strop.id, i) === faceId ? { ...face, loadedAt: at } : face,
  );
  return { ...strop, otherFaces, updatedAt: at };
}

/** A fresh one is taken up, and its use counted from now; uncounted, one fewer lies by. */
function fresh<T extends { freshLeft: number | null }>(
  thing: T,
  since: 'loadedAt' | 'freshAt',
  at: string,
  counted: number | null,
): T {
  const freshLeft = counted ?? Math.max(0, (thing.freshLeft ?? 0) - 1);
  return { ...thing, freshLeft, [since]: at, updatedAt: at };
}
