'use client';

import { playedEntry } from '../../core';
import type { Session } from '../../domain/session';
import type { Zone } from '../../domain/tool';
import { useShelf } from '../../live';
import { listed } from '../../ui/format';
import { LabLink } from '../../ui/LabLink';
import { logWords as say } from '../../ui/words/screens/log';

/** The way to the lab, where the strokes of an entry are played; and which of them nobody can play. */
export function EntryInLab({ session, zone }: { session: Session; zone: Zone }) {
  const shelf = useShelf();
  if (!shelf) return null;
  const { unknown, ...played } = playedEntry({ zone, session, shelf });
  if (played.steps.length === 0) return null;
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-4">
      <LabLink toolId={session.toolId} zoneId={zone.id} question="steps" played={played} />
      {unknown.length > 0 && <p className="text-soft">{say.notPlayed(listed(unknown))}</p>}
    </div>
  );
}
