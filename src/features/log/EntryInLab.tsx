'use client';

import { playedEntry, type Shelf } from '../../core';
import type { Session } from '../../domain/session';
import type { Zone } from '../../domain/tool';
import { listed } from '../../ui/format';
import { LabLink } from '../../ui/LabLink';
import { logWords as say } from '../../ui/words/screens/log';

/** The way to the lab, where the strokes of an entry are played; and which of them nobody can play. */
export function EntryInLab(props: { session: Session; zone: Zone; shelf: Shelf }) {
  const { session, zone, shelf } = props;
  const { unknown, ...played } = playedEntry({ zone, session, shelf });
  if (played.steps.length === 0) return null;
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-4">
      <LabLink toolId={session.toolId} zoneId={zone.id} question="steps" played={played} />
      {unknown.length > 0 && <p className="text-soft">{say.notPlayed(listed(unknown))}</p>}
    </div>
  );
}
