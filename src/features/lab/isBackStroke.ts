import type { SectionStroke } from '../../core';

/** Whether a stroke is a return stroke: every second one of its side. Sides change stroke by stroke. */
export function isBackStroke(strokes: readonly SectionStroke[], i: number): boolean {
  const alternates = strokes.length < 2 || strokes[0]!.side !== strokes[1]!.side;
  return (alternates ? i >> 1 : i) % 2 === 1;
}
