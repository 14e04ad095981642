import { Grinder } from './grinder';
import type { Section, SectionStroke } from './section';

export interface GroundSection {
  section: Section;
  /** Area that all strokes took (mm²). */
  removedMm2: number;
  /** The first stroke, counted from 1 over both sides, that moved the foremost point; null where none did. */
  apexReachedAt: number | null;
  /** How far the foremost point has gone back (mm). */
  recessionMm: number;
}

/**
 * A section after strokes in their order. Exact for a stone that is flat and long: each stroke takes the half
 * plane that holds its area. Throws a `RangeError` where a stone is held no steeper than the face behind the bevel.
 */
export function grindSection(input: {
  section: Section;
  strokes: readonly SectionStroke[];
}): GroundSection {
  const grinder = new Grinder(input.section, input.strokes.length);
  let apexReachedAt: number | null = null;
  input.strokes.forEach(({ angleDeg, side, areaMm2 }, i) => {
    grinder.stroke(angleDeg, side, areaMm2);
    if (apexReachedAt === null && grinder.isApexReached()) apexReachedAt = i + 1;
  });
  return {
    section: grinder.section(),
    removedMm2: grinder.removedMm2(),
    apexReachedAt,
    recessionMm: grinder.recessionMm(),
  };
}
