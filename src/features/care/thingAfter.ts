import type { CareRow } from '../../core';
import type { Store } from '../../data';
import type { Abrasive, Strop } from '../../domain/shelf';

/** A thing of the shelf as its care leaves it, to be written with the note of it; null where nothing changes. */
export async function thingAfter(store: Store, row: CareRow, at: string) {
  const { doing, thingId } = row;
  switch (doing) {
    case 'flatten':
    case 'scrub': {
      const stone = await store.abrasives.get(thingId);
      return stone ? { store: 'abrasives' as const, record: cleaned(stone, doing, at) } : null;
    }
    case 'load': {
      const [id, isOther] = [thingId.split('/')[0]!, thingId.includes('/')];
      const strop = await store.strops.get(id);
      return strop ? { store: 'strops' as const, record: loaded(strop, isOther, at) } : null;
    }
    case 'next face': {
      const strop = await store.strops.get(thingId);
      if (strop) return { store: 'strops' as const, record: nextFace(strop, 'loadedAt', at) };
      const paper = await store.abrasives.get(thingId);
      return paper ? { store: 'abrasives' as const, record: nextFace(paper, 'freshAt', at) } : null;
    }
    default:
      return null;
  }
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

function loaded(strop: Strop, isOther: boolean, at: string): Strop {
  return isOther && strop.otherFace
    ? { ...strop, otherFace: { ...strop.otherFace, loadedAt: at }, updatedAt: at }
    : { ...strop, loadedAt: at, updatedAt: at };
}

/** One fresh face fewer, and its use counted from now. */
function nextFace<T extends { freshLeft: number | null }>(
  thing: T,
  since: 'loadedAt' | 'freshAt',
  at: string,
): T {
  const freshLeft = thing.freshLeft === null ? null : Math.max(0, thing.freshLeft - 1);
  return { ...thing, freshLeft, [since]: at, updatedAt: at };
}
