import { scaleLog } from 'd3-scale';

/** Ends of the micron ruler. */
const COARSE_END_UM = 500;
const FINE_END_UM = 0.2;

/** Marks that carry a figure. */
export const MAJOR_UM = [500, 200, 100, 50, 20, 10, 5, 2, 1, 0.5, 0.2];
export const MINOR_UM = [400, 300, 80, 60, 40, 30, 15, 8, 6, 4, 3, 1.5, 0.8, 0.6, 0.4, 0.3];

/** Position along a ruler of `width` pixels with a margin at each end, coarse to fine. */
export function rulerScale(width: number, margin: number): (sizeUm: number) => number {
  return scaleLog()
    .domain([COARSE_END_UM, FINE_END_UM])
    .range([margin, width - margin])
    .clamp(true);
}

/** A label to be set below the ruler. */
export interface RulerLabel {
  id: string;
  text: string;
  x: number;
}

/** A label with its row (0 is nearest to the ruler) and the middle of its text. */
export interface PlacedLabel extends RulerLabel {
  row: number;
  textX: number;
}

/** Average width of a character of the condensed face, in pixels at 15 px. */
const CHARACTER_PX = 6.9;
const GAP_PX = 12;

/** Sets labels in as few rows as keep them apart and inside the drawing, left to right. */
export function placeLabels(labels: readonly RulerLabel[], width: number): PlacedLabel[] {
  const rowEnds: number[] = [];
  return [...labels]
    .sort((a, b) => a.x - b.x)
    .map((label) => {
      const half = (label.text.length * CHARACTER_PX) / 2;
      const textX = Math.min(width - half - 2, Math.max(half + 2, label.x));
      const start = textX - half;
      const free = rowEnds.findIndex((end) => end + GAP_PX <= start);
      const row = free < 0 ? rowEnds.length : free;
      rowEnds[row] = textX + half;
      return { ...label, row, textX };
    });
}
