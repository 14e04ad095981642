'use client';

import { useEffect, useState } from 'react';
import type { PhotoPoint } from '../../core';
import { madeUpPhoto, pictureOf, type Picture } from './madeUpPhoto';
import { MOST_POINTS, NO_MARKS, type Mark, type Marks } from './photoMeasures';

/** A photo under the taps: its marks, and which of them is being set. */
export interface Photo {
  picture: Picture | null;
  isUnreadable: boolean;
  marks: Marks;
  mark: Mark;
  choose: (mark: Mark) => void;
  take: (file: Blob) => Promise<void>;
  makeUp: () => void;
  leave: () => void;
  tap: (point: PhotoPoint) => void;
  move: (by: PhotoPoint) => void;
  undo: () => void;
}

export function usePhoto(): Photo {
  const [picture, setPicture] = useState<Picture | null>(null);
  const [isUnreadable, setUnreadable] = useState(false);
  const [marks, setMarks] = useState<Marks>(NO_MARKS);
  const [mark, choose] = useState<Mark>('coin');
  // A picture of a file is let go of with it.
  useEffect(
    () => () => {
      if (picture?.url.startsWith('blob:')) URL.revokeObjectURL(picture.url);
    },
    [picture],
  );
  const show = (next: Picture | null): void => {
    setPicture(next);
    setMarks(NO_MARKS);
    choose('coin');
    setUnreadable(false);
  };
  const change = (points: (now: readonly PhotoPoint[]) => readonly PhotoPoint[]): void =>
    setMarks((now) => ({ ...now, [mark]: points(now[mark]) }));
  return {
    picture,
    isUnreadable,
    marks,
    mark,
    choose,
    async take(file) {
      try {
        show(await pictureOf(file));
      } catch {
        setUnreadable(true);
      }
    },
    makeUp: () => show(madeUpPhoto()),
    leave: () => show(null),
    // One more than there is room for begins anew.
    tap: (point) => change((now) => (now.length < MOST_POINTS[mark] ? [...now, point] : [point])),
    move: ({ x, y }) =>
      change((now) =>
        now.map((point, i) => (i === now.length - 1 ? { x: point.x + x, y: point.y + y } : point)),
      ),
    undo: () => change((now) => now.slice(0, -1)),
  };
}
