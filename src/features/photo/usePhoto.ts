'use client';

import { useState } from 'react';
import type { EdgeNeed } from '../../core';
import type { Photo as KeptPhoto } from '../../domain/photo';
import { makeUpPhoto } from '../../live';
import { notice } from '../../ui/notice';
import { photoWords as say } from '../../ui/words/photoWords';
import { MARKS, NO_MARKS, type Marks, type Sizes } from './photoMeasures';
import type { Picture } from './picture';
import { useLines, type PhotoLines } from './useLines';
import { useMarkedPhoto } from './useMarkedPhoto';
import { usePicture } from './usePicture';
import { useTaps, type Taps } from './useTaps';

/** A photo under the taps: its marks, which of them is being set, and the lines through them. */
export interface Photo extends PhotoLines, Omit<Taps, 'hand' | 'resume'> {
  /** Whether it is still read what was left here. */
  isReading: boolean;
  /** When what stands here was left; null where it began just now. */
  leftAt: string | null;
  picture: Picture | null;
  isUnreadable: boolean;
  /** Whether a made-up photo is being painted. */
  isPainting: boolean;
  marks: Marks;
  sizes: Sizes;
  resize: (part: Partial<Sizes>) => void;
  take: (file: Blob) => Promise<void>;
  makeUp: () => Promise<void>;
  /** Another photo; what was tapped on this one comes back by an undo. */
  leave: () => void;
  /** What was found is saved. */
  done: () => void;
}

/** Begins with a picture that was kept, where one is asked for, or with what was left half done. */
export function usePhoto(need: EdgeNeed, asked: KeptPhoto | null): Photo {
  const { value, change, show, begun, ...draft } = useMarkedPhoto(need, asked);
  const { picture, isUnreadable, read } = usePicture(
    value.file,
    value.file === begun.file ? asked : null,
  );
  const [isPainting, setPainting] = useState(false);
  const { marks, sizes } = value;
  const { hand, resume, ...taps } = useTaps(
    marks,
    (next) => show({ ...value, marks: next }),
    (next) => change({ ...value, marks: next }),
  );
  const take = async (file: Blob): Promise<void> => {
    if (!(await read(file))) return;
    resume();
    change({ ...value, file, marks: NO_MARKS });
  };
  return {
    ...draft,
    ...taps,
    picture,
    isUnreadable,
    isPainting,
    marks,
    sizes,
    resize: (part) => change({ ...value, sizes: { ...sizes, ...part } }),
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
      const before = value;
      resume();
      change({ ...value, file: null, marks: NO_MARKS });
      const back = (): void => {
        resume(hand);
        change(before);
      };
      if (MARKS.some((each) => marks[each].length > 0))
        void notice(say.isLaidAside, { action: { label: say.bringBack, onClick: back } });
    },
    ...useLines(picture, marks),
  };
}
