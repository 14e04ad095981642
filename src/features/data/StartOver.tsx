'use client';

import { dataWords as say } from '../../ui/words/screens/data';
import { useStore, useUndoable, loadSample, startEmpty } from '../../live';
import { clockNow } from '../../domain/clock';

/** The sample crew, or nothing, in the place of all that is here. */
export function StartOver() {
  const store = useStore();
  const undoable = useUndoable();
  return (
    <>
      <h2 className="mt-8">{say.startOver}</h2>
      <div className="mt-2 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-outline"
          onClick={() =>
            void undoable(say.theSampleCrewHangsOn, () => loadSample(store, clockNow()))
          }
        >
          {say.loadTheSampleCrew}
        </button>
        <button
          type="button"
          className="btn btn-outline"
          onClick={() =>
            void undoable(say.everythingIsRemoved, () => startEmpty(store, clockNow()))
          }
        >
          {say.removeEverything}
        </button>
      </div>
      <p className="mt-2 max-w-[56ch] text-soft">{say.bothTakeThePlaceOf}</p>
    </>
  );
}
