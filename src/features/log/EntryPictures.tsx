'use client';

import type { Session } from '../../domain/session';
import { usePhotos } from '../../live';
import { Pictures } from '../../ui/Pictures';

/** Pictures of the tool that were taken on the day of an entry, or are added to it. */
export function EntryPictures({ session, name }: { session: Session; name: string }) {
  const { photos, add, remove } = usePhotos(session.toolId);
  const doneAt = session.finishedAt ?? session.startedAt;
  const dayOf = (iso: string): string => new Date(iso).toDateString();
  return (
    <Pictures
      of={name}
      photos={photos.filter(({ takenAt }) => dayOf(takenAt) === dayOf(doneAt))}
      onAdd={(file) => add(file, doneAt)}
      onRemove={remove}
    />
  );
}
