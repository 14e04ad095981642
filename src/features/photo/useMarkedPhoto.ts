'use client';

import { useMemo, useState } from 'react';
import type { EdgeNeed } from '../../core';
import { edgeName } from '../../domain/edgeName';
import type { Photo as KeptPhoto } from '../../domain/photo';
import { useDraft } from '../../live';
import { keptPhotoLink, photoLink } from '../../ui/links';
import { photoWords as say } from '../../ui/words/photoWords';
import { fileOf } from './picture';
import { MARKS, NO_MARKS, type Marks, type Sizes } from './photoMeasures';

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
  const { found, keep } = useDraft('photo', asked?.id ?? `${tool.id}/${zone.id}`);
  // Null until something is done here.
  const [own, setOwn] = useState<MarkedPhoto | null>(null);
  const begun = useMemo(() => (asked ? { ...NOTHING, file: fileOf(asked) } : NOTHING), [asked]);
  const left = found ? (found.value as MarkedPhoto) : null;
  const value = own ?? left ?? begun;
  const settle = (next: MarkedPhoto): void => {
    const isAny = next.file !== null && next.file !== begun.file;
    const marked = MARKS.filter((mark) => next.marks[mark].length > 0);
    if (!isAny && marked.length === 0) return keep(null);
    keep({
      title: say.halfMeasured(
        edgeName(tool, zone),
        marked.map((mark) => say.marks[mark]),
      ),
      href: asked ? keptPhotoLink(tool.id, zone.id, asked.id) : photoLink(tool.id, zone.id),
      value: next,
    });
  };
  return {
    value,
    /** Whether it is still read what was left here. */
    isReading: found === undefined,
    /** When what stands here was left; null where it began just now. */
    leftAt: own ? null : (found?.at ?? null),
    /** Shows a change that is not done yet: a point under the thumb. */
    show: setOwn,
    /** Makes a change that stays. */
    change(next: MarkedPhoto): void {
      setOwn(next);
      settle(next);
    },
    /** What is shown stays. */
    settle: () => settle(value),
    /** It is saved: nothing is half done any more. */
    done: () => keep(null),
    begun,
  };
}
