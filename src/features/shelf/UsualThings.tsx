'use client';

import { nanoid } from 'nanoid';
import { useStore } from '../../live';
import { newRecord } from '../../domain/newRecord';
import type { Abrasive, Compound, Strop } from '../../domain/shelf';
import { USUAL_FORMS, USUAL_THINGS, type UsualThing } from '../../domain/usualThings';
import { sentence } from '../../ui/format';
import { notice } from '../../ui/notice';
import { NEW_THING } from './shelfForm';
import { stampNow } from '../../domain/clock';

/** Things that most people have: a tap puts one on the shelf with its usual measures. */
export function UsualThings({ open }: { open: boolean }) {
  const store = useStore();
  const pick = async (thing: UsualThing): Promise<void> => {
    const at = stampNow();
    const id = nanoid();
    if (thing.store === 'abrasives') await store.abrasives.save(abrasiveOf(thing, id, at));
    else if (thing.store === 'strops') await store.strops.save(stropOf(thing, id, at));
    else await store.compounds.save(compoundOf(thing, id, at));
    void notice(`${sentence(thing.name)} is on the shelf, with its usual measures.`, {
      action: {
        label: 'Undo',
        onClick: () => void store[thing.store].remove(id, stampNow()),
      },
    });
  };
  return (
    <details className="mt-2" open={open}>
      <summary className="inline-flex min-h-12 cursor-pointer items-center font-semibold underline underline-offset-4">
        Usual things, ready to pick
      </summary>
      <div className="flex flex-wrap gap-2">
        {USUAL_THINGS.map((thing) => (
          <button
            key={thing.name}
            type="button"
            className="btn btn-outline"
            onClick={() => void pick(thing)}
          >
            {thing.name}
          </button>
        ))}
      </div>
    </details>
  );
}

function abrasiveOf(
  thing: Extract<UsualThing, { store: 'abrasives' }>,
  id: string,
  at: string,
): Abrasive {
  const { massG, place, family, grade, lubricants, ...size } = USUAL_FORMS[thing.form];
  const face = { id: nanoid(6), name: 'face', state: 'normal' as const };
  return {
    ...newRecord(id, at),
    ...NEW_THING,
    ...size,
    massG,
    place,
    name: thing.name,
    form: thing.form,
    freshLeft: null,
    freshAt: null,
    usedWithOil: false,
    soakMl: null,
    dishMm: 0,
    lubricants: [...(thing.lubricants ?? lubricants)],
    faces: [{ ...face, family: thing.family ?? family, grade: thing.grade ?? grade }],
  };
}

function stropOf(
  { store: _, ...thing }: Extract<UsualThing, { store: 'strops' }>,
  id: string,
  at: string,
): Strop {
  return {
    ...newRecord(id, at),
    ...NEW_THING,
    ...thing,
    freshLeft: null,
    compoundId: null,
    loadedAt: null,
    otherFaces: [],
  };
}

function compoundOf(
  { name, sizeUm }: Extract<UsualThing, { store: 'compounds' }>,
  id: string,
  at: string,
): Compound {
  return { ...newRecord(id, at), ...NEW_THING, name, sizeUm };
}
