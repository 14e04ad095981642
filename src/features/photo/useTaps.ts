'use client';

import { useRef, useState } from 'react';
import type { PhotoPoint } from '../../core/measure';
import { MARKS, MOST_POINTS, type Mark, type Marks, type TracedLines } from './photoMeasures';
import { leastIndex } from 'd3-array';

/** What stood before a tap or a move. */
interface Stood {
  marks: Marks;
  mark: Mark;
  at: number | null;
}

/** Where the hand is: on which mark, on which of its points (null: the last), and what it did, the latest last. */
interface Hand {
  mark: Mark | null;
  at: number | null;
  past: readonly Stood[];
}

const BEGINNING: Hand = { mark: null, at: null, past: [] };

/** The points that taps set: one of them is taken up, and can be moved; each tap and each move can be taken back. */
export interface Taps {
  mark: Mark;
  choose: (mark: Mark) => void;
  /** Which point of the mark is taken up, from 0; -1 while it has none. */
  at: number;
  /** Takes up the one before or after. */
  walk: (by: -1 | 1) => void;
  tap: (point: PhotoPoint) => void;
  /**
   * Puts one more between the point that is taken up and the next, halfway on the line through them, and takes it up;
   * null where no line is followed through the points of the mark, or there is no room.
   */
  between: ((lines: TracedLines) => void) | null;
  /** Moves the point that is taken up; it stays there once it settles. */
  place: (point: PhotoPoint) => void;
  settle: () => void;
  /** Takes back what was done last; null where that is nothing. */
  undo: (() => void) | null;
  hand: Hand;
  /** Goes on from where the hand was once, or from the beginning. */
  resume: (hand?: Hand) => void;
}

/** @param show shows marks that are still under way; @param change makes those that stay. */
export function useTaps(
  marks: Marks,
  show: (marks: Marks) => void,
  change: (marks: Marks) => void,
): Taps {
  const [hand, setHand] = useState(BEGINNING);
  const moved = useRef<{ from: Stood; to: Marks } | null>(null);
  const mark = hand.mark ?? lastMark(marks);
  const points = marks[mark];
  const at = Math.min(hand.at ?? Infinity, points.length - 1);
  const stands: Stood = { marks, mark, at: hand.at };
  const remember = (past: Stood, now: Partial<Hand>): void =>
    setHand({ ...hand, ...now, past: [...hand.past, past] });
  const undo = (): void => {
    const before = hand.past.at(-1);
    // Of what was left here before only the points are known, not their order.
    if (!before) return change({ ...marks, [mark]: points.slice(0, -1) });
    setHand({ mark: before.mark, at: before.at, past: hand.past.slice(0, -1) });
    change(before.marks);
  };
  return {
    mark,
    choose: (next) => setHand({ ...hand, mark: next, at: null }),
    at,
    walk(by) {
      const next = at + by;
      if (next >= 0 && next < points.length) setHand({ ...hand, mark, at: next });
    },
    tap(point) {
      remember(stands, { mark, at: null });
      // One more than there is room for begins anew.
      const next = points.length < MOST_POINTS[mark] ? [...points, point] : [point];
      change({ ...marks, [mark]: next });
    },
    between:
      isFollowed(mark) && points.length > 1 && points.length < MOST_POINTS[mark]
        ? (lines) => {
            // After the last point an outline comes to its first; an edge ends there.
            const before = mark === 'edge' ? Math.min(at, points.length - 2) : at;
            const next = points[(before + 1) % points.length]!;
            const point = halfway(lines[mark], points[before]!, next);
            remember(stands, { mark, at: before + 1 });
            change({ ...marks, [mark]: points.toSpliced(before + 1, 0, point) });
          }
        : null,
    place(point) {
      const to = { ...marks, [mark]: points.map((each, i) => (i === at ? point : each)) };
      moved.current = { from: moved.current?.from ?? stands, to };
      show(to);
    },
    settle() {
      if (!moved.current) return;
      const { from, to } = moved.current;
      moved.current = null;
      remember(from, {});
      change(to);
    },
    undo: hand.past.length > 0 || points.length > 0 ? undo : null,
    hand: { ...hand, mark },
    resume: (from = { ...BEGINNING, mark: 'coin' }) => setHand(from),
  };
}

/** Whether the photo's own line is followed through the points of a mark. */
function isFollowed(mark: Mark): mark is 'edge' | 'outline' {
  return mark === 'edge' || mark === 'outline';
}

/** Where marking goes on: at the last of those that are set. */
function lastMark(marks: Marks): Mark {
  return MARKS.findLast((mark) => marks[mark].length > 0) ?? 'coin';
}

/**
 * Halfway from one tap to the next along the line that is followed through both, around its end where it is
 * closed; straight across where none is.
 */
function halfway(line: readonly PhotoPoint[] | null, from: PhotoPoint, to: PhotoPoint): PhotoPoint {
  if (!line) return { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const nearest = (tap: PhotoPoint): number =>
    leastIndex(line, (a, b) => apart(a, tap) - apart(b, tap))!;
  const start = nearest(from);
  const onward = (nearest(to) - start + line.length) % line.length;
  const { x, y } = line[(start + Math.round(onward / 2)) % line.length]!;
  return { x, y };
}

function apart(a: PhotoPoint, b: PhotoPoint): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
