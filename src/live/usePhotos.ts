'use client';

import { nanoid } from 'nanoid';
import { newRecord } from '../domain/newRecord';
import type { Photo } from '../domain/photo';
import { notice } from '../ui/notice';
import { scaledPicture } from '../ui/scaledPicture';
import { useStore } from './StoreProvider';
import { useRecords } from './useRecords';
import { stampNow } from '../domain/clock';

/** Pictures of one tool, with the ways to add one, scaled down, and to remove one with undo. */
export function usePhotos(toolId: string): {
  photos: Photo[];
  /** Throws where the file is no picture. */
  add: (file: File, takenAt: string) => Promise<void>;
  remove: (photo: Photo) => Promise<void>;
} {
  const store = useStore();
  const photos = useRecords('photos')?.filter((photo) => photo.toolId === toolId) ?? [];
  return {
    photos,
    async add(file, takenAt) {
      const dataUrl = await scaledPicture(file);
      const record = newRecord(nanoid(), stampNow());
      await store.photos.save({ ...record, takenAt, toolId, dataUrl, caption: '' });
    },
    async remove({ id }) {
      await store.photos.remove(id, stampNow());
      void notice('The picture is removed.', {
        action: {
          label: 'Undo',
          onClick: () => void store.photos.restore(id, stampNow()),
        },
      });
    },
  };
}
