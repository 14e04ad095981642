'use client';

import { withMeasuredAngle, type EdgeNeed, type TiltAngle } from '../../core';
import { stampNow } from '../../domain/clock';
import { edgeName } from '../../domain/edgeName';
import { useStore, useUndoable } from '../../live';
import { deg } from '../../ui/format';
import { angleWords as say } from '../../ui/words/angleByPhoneWords';

/** Writes a measured angle into its tool, with the way to take it back. */
export function useKeepAngle({ tool, zone }: EdgeNeed): (found: TiltAngle) => Promise<void> {
  const store = useStore();
  const undoable = useUndoable();
  return async (found) => {
    const kept = await store.tools.get(tool.id);
    if (!kept) return;
    const after = withMeasuredAngle(
      kept,
      zone.id,
      { ...found, method: 'tilt', of: 'apex' },
      stampNow(),
    );
    await undoable(say.kept(deg(found.angleDeg), edgeName(tool, zone)), [
      { store: 'tools', id: tool.id, before: kept, after },
    ]);
  };
}
