'use client';

import { useEffect, useState } from 'react';
import type { PhotoPoint } from '../../core';
import type { Photo as KeptPhoto } from '../../domain/photo';
import { makeUpPhoto } from '../../live';
import { fileOf, pictureOf, type Picture } from './picture';
import { MOST_POINTS, NO_MARKS, type Mark, type Marks } from './photoMeasures';
import { useLines, type PhotoLines } from './useLines';

/** A photo under the taps: its marks, which of them is being set, and the lines through them. */
export interface Photo extends PhotoLines {
  picture: Picture | null;
  isUnreadable: boolean;
  /** Whether a made-up photo is being painted. */
  isPainting: boolean;
  marks: Marks;
  mark: Mark;
  choose: (mark: Mark) => void;
  take: (file: Blob) => Promise<void>;
  makeUp: () => Promise<void>;
  leave: () => void;
  tap: (point: PhotoPoint) => void;
  move: (by: PhotoPoint) => void;
  undo: () => void;
}

/** Begins with a picture that was kept, where one is asked for. */
export function usePhoto(asked: KeptPhoto | null): Photo {
  const [picture, setPicture] = useState<Picture | null>(null);
  const [isUnreadable, setUnreadable] = useState(false);
  const [isPainting, setPainting] = useState(false);
  const [marks, setMarks] = useState<Marks>(NO_MARKS);
  const [mark, choose] = useState<Mark>('coin');
  // A picture of a file is let go of with it.
  useEffect(() => () => void (picture && URL.revokeObjectURL(picture.url)), [picture]);
  const show = (next: Picture | null): void => {
    setPicture(next);
    setMarks(NO_MARKS);
    choose('coin');
    setUnreadable(false);
  };
  useEffect(() => {
    if (!asked) return;
    let isOver = false;
    pictureOf(fileOf(asked), asked).then(
      (found) => (isOver ? URL.revokeObjectURL(found.url) : setPicture(found)),
      () => setUnreadable(true),
    );
    return () => {
      isOver = true;
    };
  }, [asked]);
  const change = (points: (now: readonly PhotoPoint[]) => readonly PhotoPoint[]): void =>
    setMarks((now) => ({ ...now, [mark]: points(now[mark]) }));
  const take = async (file: Blob): Promise<void> => {
    try {
      show(await pictureOf(file));
    } catch {
      setUnreadable(true);
    }
  };
  return {
    picture,
    isUnreadable,
    isPainting,
    marks,
    mark,
    choose,
    take,
    async makeUp() {
      setPainting(true);
      try {
        await take(await makeUpPhoto());
      } finally {
        setPainting(false);
      }
    },
    leave: () => show(null),
    // One more than there is room for begins anew.
    tap: (point) => change((now) => (now.length < MOST_POINTS[mark] ? [...now, point] : [point])),
    move: ({ x, y }) =>
      change((now) =>
        now.map((point, i) => (i === now.length - 1 ? { x: point.x + x, y: point.y + y } : point)),
      ),
    undo: () => change((now) => now.slice(0, -1)),
    ...useLines(picture, marks),
  };
}
