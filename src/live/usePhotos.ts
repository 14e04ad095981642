'use client';

import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { nanoid } from 'nanoid';
import { stampNow } from '../domain/clock';
import { newRecord } from '../domain/newRecord';
import type { Photo, PhotoEntry, PhotoScale, PhotoStage } from '../domain/photo';
import { newOne, removedOne } from '../data';
import { undoWords } from '../ui/words/undoWords';
import { uiPartsWords as say } from '../ui/words/partsWords';
import { shrinkPicture } from '../workers/pictureClient';
import { useStore } from './StoreProvider';
import { useToolLog } from './useToolLog';
import { useUndoable } from './useUndoable';

/** Where a picture belongs, and what is known of it. */
export interface PhotoOf {
  toolId: string;
  takenAt: string;
  entry?: PhotoEntry | null;
  stage?: PhotoStage | null;
  /** In px of the file as it is given. */
  scale?: (PhotoScale & { widthPx: number }) | null;
}

/** The ways to keep a picture, scaled down, and to remove one, each with undo. */
export function usePhotoActs(): {
  /** Throws where the file is no picture. */
  add: (file: Blob, name: string, of: PhotoOf) => Promise<void>;
  remove: (photo: Photo) => Promise<void>;
} {
  const undoable = useUndoable();
  return {
    async add(file, name, { toolId, takenAt, entry = null, stage = null, scale = null }) {
      const kept = await shrinkPicture(file).catch(() => {
        throw new Error(say.isNoPicture(name));
      });
      const record: Photo = {
        ...newRecord(nanoid(), stampNow()),
        toolId,
        takenAt,
        dataUrl: kept.dataUrl,
        caption: '',
        entry,
        stage,
        scale: scale && scaledBy(scale, kept.width / scale.widthPx),
      };
      await undoable(undoWords.pictureKept, [newOne('photos', record)]);
    },
    remove: (photo) =>
      undoable(undoWords.pictureRemoved, [removedOne('photos', photo, stampNow())]),
  };
}

function scaledBy({ pxPerMm, heel, tip }: PhotoScale, by: number): PhotoScale {
  const scaled = (point: PhotoScale['heel']): PhotoScale['heel'] =>
    point && { x: point.x * by, y: point.y * by };
  return { pxPerMm: pxPerMm * by, heel: scaled(heel), tip: scaled(tip) };
}

/**
 * Pictures of one tool, the oldest first: its own, and those of its looks and touch-ups as long as these are not taken
 * down; what belongs to a record goes and comes back with it. Undefined while they are read.
 */
export function usePhotos(toolId: string): Photo[] | undefined {
  const { past } = useStore();
  const photos = useQuery({
    queryKey: ['photos', 'of', toolId],
    queryFn: () => past.photosOf(toolId),
  }).data;
  const log = useToolLog(toolId);
  return useMemo(() => {
    if (!photos || !log) return undefined;
    const entries = new Set([...log.sessions, ...log.inspections].map(({ id }) => id));
    return photos
      .filter(({ entry }) => !entry || entries.has(entry.id))
      .toSorted((a, b) => (a.takenAt < b.takenAt ? -1 : 1));
  }, [photos, log]);
}
