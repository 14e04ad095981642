'use client';

import { useEffect, useState } from 'react';
import type { Photo as KeptPhoto } from '../../domain/photo';
import { pictureOf, type Picture } from './picture';

/** The picture that a file holds, read once for each file and let go of with it. */
export function usePicture(file: Blob | null, kept: KeptPhoto | null) {
  const [shown, setShown] = useState<Picture | null>(null);
  const [unreadable, setUnreadable] = useState<Blob | null>(null);
  useEffect(() => () => void (shown && URL.revokeObjectURL(shown.url)), [shown]);
  const shownFile = shown?.file;
  useEffect(() => {
    if (!file || file === shownFile) return;
    let isOver = false;
    pictureOf(file, kept).then(
      (found) => (isOver ? URL.revokeObjectURL(found.url) : setShown(found)),
      () => !isOver && setUnreadable(file),
    );
    return () => {
      isOver = true;
    };
  }, [file, shownFile, kept]);
  return {
    picture: file && shown?.file === file ? shown : null,
    isUnreadable: unreadable !== null && (file === null || unreadable === file),
    /** Reads a file; false where it is no picture, and what stands stays. */
    async read(next: Blob): Promise<boolean> {
      try {
        setShown(await pictureOf(next));
        setUnreadable(null);
        return true;
      } catch {
        setUnreadable(next);
        return false;
      }
    },
  };
}
