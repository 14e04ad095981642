'use client';

import { counted } from '../../ui/words/counted';
import { shelfWords, shelfWords as say } from './words';
import { sum } from 'd3-array';
import { useController, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { strokesSince, type SurfaceUse } from '../../core/log';
import { stampNow } from '../../domain/clock';

/** Since when a surface serves, what was done on it since, and the way to say that it is fresh now. */
export function FreshField<V extends FieldValues>(props: {
  control: Control<V>;
  name: FieldPath<V>;
  /** What was done to make it fresh, like `cleaned or flattened`. */
  done: string;
  uses: readonly (SurfaceUse | undefined)[];
  onFresh?: () => void;
}) {
  const { control, name, done, uses, onFresh } = props;
  const { field, fieldState } = useController({ control, name });
  const since = field.value as string | null;
  return (
    <div className="flex min-h-12 flex-wrap items-center gap-x-4 gap-y-2">
      <p className="figures">{freshWords(since, done, fieldState.isDirty ? [] : uses)}</p>
      <button
        type="button"
        className="btn btn-outline"
        onClick={() => {
          field.onChange(stampNow());
          onFresh?.();
        }}
      >
        {shelfWords.itIsNow(done)}
      </button>
    </div>
  );
}

/** How old a surface is and what it has done, as a sentence. */
function freshWords(
  since: string | null,
  done: string,
  uses: readonly (SurfaceUse | undefined)[],
): string {
  const strokes = sum(uses, (use) => (use ? strokesSince(use) : 0));
  const work =
    strokes === 0
      ? shelfWords.noStrokeInTheLog
      : say.strokesIn(
          counted.stroke(strokes),
          counted.touchUp(Math.max(...uses.map((use) => use?.uses.length ?? 0))),
        );
  return since === null ? shelfWords.inAll(work) : shelfWords.lastSince(done, since, work);
}
