'use client';

import type { JobState } from '../../live';
import { labWords as say } from '../../ui/words/labWords';

/** How far the sharpenings are; nothing once the answer stands. */
export function LabWorking(props: {
  state: JobState<unknown>;
  onCancel: () => void;
  onAgain: () => void;
}) {
  const { state, onCancel, onAgain } = props;
  return (
    <div role="status" className="min-h-7">
      {state.phase === 'working' && (
        <p className="flex items-center justify-end gap-x-3">
          <progress
            className="progress w-24"
            aria-label={say.working}
            value={state.share}
            max={1}
          />
          <button type="button" className="link min-h-7 pointer-coarse:min-h-12" onClick={onCancel}>
            {say.cancel}
          </button>
        </p>
      )}
      {(state.phase === 'cancelled' || state.phase === 'failed') && (
        <p>
          {state.phase === 'failed' ? say.failed(state.error.message) : say.stopped}{' '}
          <button type="button" className="link pointer-coarse:min-h-12" onClick={onAgain}>
            {say.again}
          </button>
        </p>
      )}
    </div>
  );
}
