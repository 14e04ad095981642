'use client';

import { useStore, useUndoable, loadSample, startEmpty } from '../../live';
import { clockNow } from '../../domain/clock';

/** The sample crew, or nothing, in the place of all that is here. */
export function StartOver() {
  const store = useStore();
  const undoable = useUndoable();
  return (
    <>
      <h2 className="mt-8">Start over</h2>
      <div className="mt-2 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-outline"
          onClick={() =>
            void undoable('The sample crew hangs on the rack.', () => loadSample(store, clockNow()))
          }
        >
          Load the sample crew
        </button>
        <button
          type="button"
          className="btn btn-outline"
          onClick={() =>
            void undoable('Everything is removed.', () => startEmpty(store, clockNow()))
          }
        >
          Remove everything
        </button>
      </div>
      <p className="mt-2 max-w-[56ch] text-soft">
        Both take the place of all that is here. Export first; Undo shows for a few seconds.
      </p>
    </>
  );
}
