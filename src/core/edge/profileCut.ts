import { sum } from 'd3-array';
import { profileThickness, type ProfilePoint } from './sectionProfile';

/** Where a line from `start` at a slope comes out of a profile; its end where it never does. */
export function meet(
  profile: readonly ProfilePoint[],
  start: ProfilePoint,
  slope: number,
): ProfilePoint {
  const lineAt = (depthMm: number): number => start.halfMm + slope * (depthMm - start.depthMm);
  const gapAt = ({ depthMm, halfMm }: ProfilePoint): number => halfMm - lineAt(depthMm);
  const beyond = profile.filter(({ depthMm }) => depthMm > start.depthMm);
  let from: ProfilePoint = {
    depthMm: start.depthMm,
    halfMm: profileThickness(profile, start.depthMm) / 2,
  };
  for (const to of beyond) {
    const gap = gapAt(to);
    // The line sets out on the old face, or below it, and comes out where the gap closes.
    if (gap <= 0 && gapAt(from) > 0) {
      const share = gapAt(from) / (gapAt(from) - gap);
      const depthMm = from.depthMm + share * (to.depthMm - from.depthMm);
      return { depthMm, halfMm: lineAt(depthMm) };
    }
    from = to;
  }
  const last = profile.at(-1)!;
  return gapAt(last) > 0 ? { depthMm: last.depthMm, halfMm: lineAt(last.depthMm) } : start;
}

/**
 * Area (mm²) between two half outlines from a depth (mm, the apex where nothing is said) to another (the end of
 * the inner one); both are polylines.
 */
export function areaBetween(
  outer: readonly ProfilePoint[],
  inner: readonly ProfilePoint[],
  fromMm = 0,
  toMm = inner.at(-1)!.depthMm,
): number {
  const depths = [...outer, ...inner]
    .map(({ depthMm }) => depthMm)
    .filter((depthMm) => depthMm > fromMm && depthMm < toMm)
    .concat(fromMm, toMm)
    .sort((a, b) => a - b);
  const gapAt = (depthMm: number): number =>
    Math.max(0, profileThickness(outer, depthMm) - profileThickness(inner, depthMm)) / 2;
  return sum(
    depths.slice(1),
    (depthMm, i) => ((gapAt(depths[i]!) + gapAt(depthMm)) / 2) * (depthMm - depths[i]!),
  );
}
