'use client';

import { useEffect, useRef, useState } from 'react';
import type { Glint, PhotoPoint } from '../../core/measure';
import { openPicture, type OpenPicture } from '../../live';
import type { Picture } from './picture';
import { RIM_TAPS, type Marks, type TracedLines } from './photoMeasures';

/** An outline needs so many taps before it is followed. */
const OUTLINE_TAPS = 4;
/** A point that is still being moved is not followed yet (ms). */
const SETTLED_MS = 120;

/** The lines that the photo draws through the taps, followed in a thread, and the light along its edge. */
export interface PhotoLines {
  lines: TracedLines;
  /** Whether a line is being followed. */
  isFollowing: boolean;
  /** Bright stretches of the edge; null until they are looked for. */
  glints: readonly Glint[] | null;
  lookForGlints: (pxPerMm: number) => void;
}

type Find = (picture: OpenPicture, taps: PhotoPoint[]) => Promise<PhotoPoint[] | null>;
const seenRim: Find = (picture, taps) => picture.rim({ taps });
const followed: Find = (picture, taps) => picture.trace({ taps, isClosed: false });
const followedAround: Find = (picture, taps) => picture.trace({ taps, isClosed: true });

export function useLines(picture: Picture | null, marks: Marks): PhotoLines {
  const open = useRef<OpenPicture | null>(null);
  useEffect(() => {
    if (!picture) return;
    const own = openPicture(picture.file);
    open.current = own;
    return () => {
      own.close();
      open.current = null;
    };
  }, [picture]);
  const rim = useLine(picture, open, marks.coin, RIM_TAPS, seenRim);
  const edge = useLine(picture, open, marks.edge, 2, followed);
  const outline = useLine(picture, open, marks.outline, OUTLINE_TAPS, followedAround);
  const [glints, setGlints] = useState<{ of: unknown; found: readonly Glint[] } | null>(null);
  return {
    lines: { rim: rim.line, edge: edge.line, outline: outline.line },
    isFollowing: rim.isFollowing || edge.isFollowing || outline.isFollowing,
    // Of another edge they say nothing.
    glints: glints && glints.of === edge.line ? glints.found : null,
    lookForGlints(pxPerMm) {
      const line = edge.line;
      if (!line) return;
      open.current?.glints({ line: [...line], pxPerMm }).then(
        (found) => setGlints({ of: line, found }),
        () => setGlints({ of: line, found: [] }),
      );
    },
  };
}

/** One line through taps: followed anew with each tap, the last one wins. */
function useLine(
  picture: Picture | null,
  open: React.RefObject<OpenPicture | null>,
  taps: readonly PhotoPoint[],
  least: number,
  find: Find,
) {
  const [found, setFound] = useState<{ of: unknown; line: readonly PhotoPoint[] | null } | null>(
    null,
  );
  const isAsked = picture !== null && taps.length >= least;
  useEffect(() => {
    if (!isAsked) return;
    let isOver = false;
    const follow = (): void => {
      if (!open.current) return;
      find(open.current, [...taps]).then(
        (line) => !isOver && setFound({ of: taps, line }),
        // What could not be found is as it was tapped.
        () => !isOver && setFound({ of: taps, line: null }),
      );
    };
    const timer = setTimeout(follow, SETTLED_MS);
    return () => {
      isOver = true;
      clearTimeout(timer);
    };
  }, [isAsked, open, taps, find, picture]);
  const isFound = isAsked && found?.of === taps;
  return { line: isFound ? found.line : null, isFollowing: isAsked && !isFound };
}
