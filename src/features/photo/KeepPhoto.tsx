'use client';

import { useState } from 'react';
import { ascending, greatest } from 'd3-array';
import { isSameDay } from 'date-fns';
import type { EdgeNeed } from '../../core/inspection';
import { stampNow } from '../../domain/clock';
import { PHOTO_STAGES, type PhotoScale } from '../../domain/photo';
import { usePhotoActs, useStore, useToolLog, useUndoable, type PhotoOf } from '../../live';
import { Fault } from '../../ui/Fault';
import { photoKeptWords } from '../../ui/words/photoKeptWords';
import { photoWords as say } from './words';
import type { Picture } from './picture';

/** The photo itself: kept with the tool, with a look of today, or with the last touch-up, and how large it shows things. */
export function KeepPhoto(props: {
  picture: Picture;
  scale: PhotoScale | null;
  need: EdgeNeed;
  /** The look that findings of this photo went into. */
  lookId: string | null;
  onKept: () => void;
}) {
  const { picture, scale, need, lookId, onKept } = props;
  const { add } = usePhotoActs();
  const [failure, setFailure] = useState<string | null>(null);
  const places = usePlaces(need, lookId);
  const keep = async (of: Omit<PhotoOf, 'scale'>): Promise<void> => {
    try {
      await add(picture.file, say.thePhoto, {
        ...of,
        scale: scale && { ...scale, widthPx: picture.width },
      });
      setFailure(null);
      onKept();
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  return (
    <section aria-label={say.keepPhoto} className="mt-4">
      <h2>{say.keepPhoto}</h2>
      <p className="text-[0.92rem] text-soft">
        {scale?.heel ? say.scaleAndEdgeGoAlong : say.noScale}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        {picture.kept ? (
          <MeasuredAgain picture={picture} scale={scale} onKept={onKept} />
        ) : (
          places.map(([words, of]) => (
            <button
              key={words}
              type="button"
              className="btn btn-outline"
              onClick={() => void keep(of)}
            >
              {words}
            </button>
          ))
        )}
      </div>
      <Fault words={failure} />
    </section>
  );
}

/** Where a photo goes, in words. */
type PhotoPlace = readonly [words: string, of: Omit<PhotoOf, 'scale'>];

/** Where a photo of this edge may be kept. */
function usePlaces(need: EdgeNeed, lookId: string | null): PhotoPlace[] {
  const { tool, zone } = need;
  const log = useToolLog(tool.id);
  const now = stampNow();
  const of = { toolId: tool.id, takenAt: now };
  const ofZone = <E extends { zoneId: string }>(entries: readonly E[] = []): E[] =>
    entries.filter(({ zoneId }) => zoneId === zone.id);
  const seen = greatest(ofZone(log?.inspections), (a, b) => ascending(a.at, b.at));
  const look = lookId ?? (seen && isSameDay(seen.at, now) ? seen.id : null);
  const work = greatest(ofZone(log?.sessions), (a, b) => ascending(a.startedAt, b.startedAt));
  const places: PhotoPlace[] = [[say.withTool, of]];
  if (look) places.push([say.withLook, { ...of, entry: { store: 'inspections', id: look } }]);
  for (const stage of work ? PHOTO_STAGES : [])
    places.push([
      say.withWork(work!.startedAt, photoKeptWords.stages[stage]),
      { ...of, entry: { store: 'sessions', id: work!.id }, stage },
    ]);
  return places;
}

/** A picture that was kept before learns how large it shows things. */
function MeasuredAgain(props: { picture: Picture; scale: PhotoScale | null; onKept: () => void }) {
  const { picture, scale, onKept } = props;
  const store = useStore();
  const undoable = useUndoable();
  const note = async (): Promise<void> => {
    const before = picture.kept && (await store.photos.get(picture.kept.id));
    if (!before || !scale) return;
    const after = { ...before, updatedAt: stampNow(), scale };
    await undoable(say.scaleKept, [{ store: 'photos', id: before.id, before, after }]);
    onKept();
  };
  return (
    <button type="button" className="btn btn-outline" disabled={!scale} onClick={() => void note()}>
      {say.keepScale}
    </button>
  );
}
