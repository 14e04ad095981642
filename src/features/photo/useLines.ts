'use client';

import { useEffect, useRef, useState } from 'react';
import type { Glint, PhotoPoint } from '../../core';
import { openPicture, type OpenPicture } from '../../live';
import type { Picture } from './picture';
import type { Marks, TracedLines } from './photoMeasures';

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
  const edge = useLine(picture, open, marks.edge, false, 2);
  const outline = useLine(picture, open, marks.outline, true, OUTLINE_TAPS);
  const [glints, setGlints] = useState<{ of: unknown; found: readonly Glint[] } | null>(null);
  return {
    lines: { edge: edge.line, outline: outline.line },
    isFollowing: edge.isFollowing || outline.isFollowing,
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
  isClosed: boolean,
  least: number,
) {
  const [found, setFound] = useState<{ of: unknown; line: readonly PhotoPoint[] } | null>(null);
  const isAsked = picture !== null && taps.length >= least;
  useEffect(() => {
    if (!isAsked) return;
    let isOver = false;
    const follow = (): void => {
      open.current?.trace({ taps: [...taps], isClosed }).then(
        (line) => !isOver && setFound({ of: taps, line }),
        // A line that could not be followed is straight from tap to tap.
        () => !isOver && setFound({ of: taps, line: taps }),
      );
    };
    const timer = setTimeout(follow, SETTLED_MS);
    return () => {
      isOver = true;
      clearTimeout(timer);
    };
  }, [isAsked, open, taps, isClosed, picture]);
  const line = isAsked && found?.of === taps ? found.line : null;
  return { line, isFollowing: isAsked && line === null };
}
