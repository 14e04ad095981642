'use client';

import { undoWords } from '../ui/words/undoWords';
import { nanoid } from 'nanoid';
import { newRecord } from '../domain/newRecord';
import type { Photo } from '../domain/photo';
import { removedOne } from '../data';
import { scaledPicture } from '../ui/scaledPicture';
import { useStore } from './StoreProvider';
import { useRecords } from './useRecords';
import { useUndoable } from './useUndoable';
import { stampNow } from '../domain/clock';

/** Pictures of one tool, with the ways to add one, scaled down, and to remove one with undo. */
export function usePhotos(toolId: string): {
  photos: Photo[];
  /** Throws where the file is no picture. */
  add: (file: File, takenAt: string) => Promise<void>;
  remove: (photo: Photo) => Promise<void>;
} {
  const store = useStore();
  const undoable = useUndoable();
  const photos = useRecords('photos')?.filter((photo) => photo.toolId === toolId) ?? [];
  return {
    photos,
    async add(file, takenAt) {
      const dataUrl = await scaledPicture(file);
      const record = newRecord(nanoid(), stampNow());
      await store.photos.save({ ...record, takenAt, toolId, dataUrl, caption: '' });
    },
    remove: (photo) =>
      undoable(undoWords.pictureRemoved, [removedOne('photos', photo, stampNow())]),
  };
}
