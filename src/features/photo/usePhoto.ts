'use client';

import { useState, useEffect, useMemo } from 'react';
import type { EdgeNeed } from '../../core/inspection';
import type { Photo as KeptPhoto } from '../../domain/photo';
import { makeUpPhoto, useDraftState } from '../../live';
import { notice } from '../../ui/notice';
import { photoWords as say } from './words';
import { MARKS, NO_MARKS, type Marks, type Sizes, type Mark } from './photoMeasures';
import { type Picture, pictureOf, fileOf } from './picture';
import { useLines, type PhotoLines } from './useLines';
import { useTaps, type Taps } from './useTaps';
import { edgeName } from '../../domain/edgeName';
import { keptPhotoLink, photoLink } from '../../ui/links';

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

/** The picture that a file holds, read once for each file and let go of with it. */
function usePicture(file: Blob | null, kept: KeptPhoto | null) {
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

/** A photo as far as it is measured. */
interface MarkedPhoto {
  /** Null before there is one. */
  file: Blob | null;
  marks: Marks;
  sizes: Sizes;
}

const USUAL_SIZES: Sizes = { coinMm: 24, ruleMm: 50, heightMm: 1 };
const NOTHING: MarkedPhoto = { file: null, marks: NO_MARKS, sizes: USUAL_SIZES };

/** The photo of an edge with its marks: as it was left on return, and kept on this device with every tap. */
function useMarkedPhoto({ tool, zone }: EdgeNeed, asked: KeptPhoto | null) {
  const begun = useMemo(() => (asked ? { ...NOTHING, file: fileOf(asked) } : NOTHING), [asked]);
  const draft = useDraftState<MarkedPhoto>('photo', asked?.id ?? `${tool.id}/${zone.id}`, begun, {
    title: ({ marks }) =>
      say.halfMeasured(
        edgeName(tool, zone),
        marked(marks).map((mark) => say.marks[mark]),
      ),
    href: asked ? keptPhotoLink(tool.id, zone.id, asked.id) : photoLink(tool.id, zone.id),
  });
  const { value, isReading, leftAt, show } = draft;
  const forget = (next: MarkedPhoto): void => {
    show(next);
    draft.done();
  };
  /** Makes a change that stays; a photo that was there before, without a mark, is nothing half done. */
  const change = (next: MarkedPhoto): void => {
    const isNew = next.file !== null && next.file !== begun.file;
    if (isNew || marked(next.marks).length > 0) draft.change(next);
    else forget(next);
  };
  return {
    value,
    begun,
    isReading,
    leftAt,
    /** Shows a change that is not done yet: a point under the thumb. */
    show,
    change,
    /** It is saved: it stands here, and nothing is half done any more. */
    done: () => forget(value),
  };
}

function marked(marks: Marks): Mark[] {
  return MARKS.filter((mark) => marks[mark].length > 0);
}
