'use client';

import { useState } from 'react';
import type { EdgeNeed, PhotoPoint } from '../../core';
import type { Photo as KeptPhoto } from '../../domain/photo';
import { makeUpPhoto } from '../../live';
import { notice } from '../../ui/notice';
import { photoWords as say } from '../../ui/words/photoWords';
import { MARKS, MOST_POINTS, NO_MARKS, type Mark, type Marks, type Sizes } from './photoMeasures';
import type { Picture } from './picture';
import { useLines, type PhotoLines } from './useLines';
import { useMarkedPhoto, type MarkedPhoto } from './useMarkedPhoto';
import { usePicture } from './usePicture';

/** A photo under the taps: its marks, which of them is being set, and the lines through them. */
export interface Photo extends PhotoLines {
  /** Whether it is still read what was left here. */
  isReading: boolean;
  /** When what stands here was left; null where it began just now. */
  leftAt: string | null;
  picture: Picture | null;
  isUnreadable: boolean;
  /** Whether a made-up photo is being painted. */
  isPainting: boolean;
  marks: Marks;
  mark: Mark;
  choose: (mark: Mark) => void;
  sizes: Sizes;
  resize: (part: Partial<Sizes>) => void;
  take: (file: Blob) => Promise<void>;
  makeUp: () => Promise<void>;
  /** Another photo; what was tapped on this one comes back by an undo. */
  leave: () => void;
  tap: (point: PhotoPoint) => void;
  /** Moves the point last set; it stays there once it settles. */
  place: (point: PhotoPoint) => void;
  settle: () => void;
  /** Takes the last tap back; null where there is none. */
  undo: (() => void) | null;
  /** What was found is saved. */
  done: () => void;
}

/** Begins with a picture that was kept, where one is asked for, or with what was left half done. */
export function usePhoto(need: EdgeNeed, asked: KeptPhoto | null): Photo {
  const marked = useMarkedPhoto(need, asked);
  const { value, change, show, begun } = marked;
  const { picture, isUnreadable, read } = usePicture(
    value.file,
    value.file === begun.file ? asked : null,
  );
  const [isPainting, setPainting] = useState(false);
  const [chosen, choose] = useState<Mark | null>(null);
  // What stood before each tap, the latest last.
  const [past, setPast] = useState<readonly { marks: Marks; mark: Mark }[]>([]);
  const { marks } = value;
  const mark = chosen ?? lastMark(marks);
  const withPoints = (points: readonly PhotoPoint[]): MarkedPhoto => ({
    ...value,
    marks: { ...marks, [mark]: points },
  });
  const take = async (file: Blob): Promise<void> => {
    if (!(await read(file))) return;
    setPast([]);
    choose('coin');
    change({ ...value, file, marks: NO_MARKS });
  };
  const undo = (): void => {
    const before = past.at(-1);
    // Of what was left here before only the points are known, not their order.
    if (!before) return change(withPoints(marks[mark].slice(0, -1)));
    setPast(past.slice(0, -1));
    choose(before.mark);
    change({ ...value, marks: before.marks });
  };
  return {
    ...marked,
    picture,
    isUnreadable,
    isPainting,
    marks,
    mark,
    choose,
    sizes: value.sizes,
    resize: (part) => change({ ...value, sizes: { ...value.sizes, ...part } }),
    take,
    async makeUp() {
      setPainting(true);
      try {
        await take(await makeUpPhoto());
      } finally {
        setPainting(false);
      }
    },
    leave() {
      const before = { value, past, mark };
      setPast([]);
      choose('coin');
      change({ ...value, file: null, marks: NO_MARKS });
      const back = (): void => {
        setPast(before.past);
        choose(before.mark);
        change(before.value);
      };
      if (MARKS.some((each) => marks[each].length > 0))
        void notice(say.isLaidAside, { action: { label: say.bringBack, onClick: back } });
    },
    tap(point) {
      setPast([...past, { marks, mark }]);
      // One more than there is room for begins anew.
      const now = marks[mark];
      change(withPoints(now.length < MOST_POINTS[mark] ? [...now, point] : [point]));
    },
    place: (point) => show(withPoints([...marks[mark].slice(0, -1), point])),
    undo: past.length > 0 || marks[mark].length > 0 ? undo : null,
    ...useLines(picture, marks),
  };
}

/** Where marking goes on: at the last of those that are set. */
function lastMark(marks: Marks): Mark {
  return MARKS.findLast((mark) => marks[mark].length > 0) ?? 'coin';
}
