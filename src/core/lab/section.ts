/** A point of a section (mm): x back from the edge to the spine, y across the blade, left above zero. */
export interface SectionPoint {
  xMm: number;
  yMm: number;
}

/**
 * A section across the edge: a convex outline, counter-clockwise from the left face at the spine around the
 * edge, which points towards −x, to the right face at the spine. It is open at the spine.
 */
export interface Section {
  points: readonly SectionPoint[];
}

export type GroundSide = 'left' | 'right';

/** One stroke of a stone: the angle of its face to the blade's centre plane, and the area that it takes. */
export interface SectionStroke {
  angleDeg: number;
  side: GroundSide;
  areaMm2: number;
}

/** Area (mm²) of a section closed straight across at its spine; the shoelace formula. */
export function sectionArea({ points }: Section): number {
  let twice = 0;
  points.forEach(({ xMm, yMm }, i) => {
    const next = points[(i + 1) % points.length]!;
    twice += xMm * next.yMm - next.xMm * yMm;
  });
  return twice / 2;
}
