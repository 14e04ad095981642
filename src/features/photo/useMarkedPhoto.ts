'use client';

import { useMemo } from 'react';
import type { EdgeNeed } from '../../core';
import { edgeName } from '../../domain/edgeName';
import type { Photo as KeptPhoto } from '../../domain/photo';
import { useDraftState } from '../../live';
import { keptPhotoLink, photoLink } from '../../ui/links';
import { photoWords as say } from '../../ui/words/photoWords';
import { fileOf } from './picture';
import { MARKS, NO_MARKS, type Mark, type Marks, type Sizes } from './photoMeasures';

/** A photo as far as it is measured. */
export interface MarkedPhoto {
  /** Null before there is one. */
  file: Blob | null;
  marks: Marks;
  sizes: Sizes;
}

const USUAL_SIZES: Sizes = { coinMm: 24, ruleMm: 50, heightMm: 1 };
const NOTHING: MarkedPhoto = { file: null, marks: NO_MARKS, sizes: USUAL_SIZES };

/** The photo of an edge with its marks: as it was left on return, and kept on this device with every tap. */
export function useMarkedPhoto({ tool, zone }: EdgeNeed, asked: KeptPhoto | null) {
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
