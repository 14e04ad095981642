import { sinDeg, tanDeg } from '../trigonometry';

/** Where the apex is measured across (µm behind the foremost point). */
const DEPTH_UM = 3;

/**
 * Radius (µm) of the arc that geometry alone leaves at an apex, from its width 3 µm behind the foremost point and
 * the nominal apex angle per side: of the arc that lies on both faces, or, where the arc is larger than the faces
 * show at that depth, of the circle through what is seen.
 */
export function geometricRadiusUm(input: { apexWidthUm: number; apexAngleDeg: number }): number {
  const { apexWidthUm, apexAngleDeg } = input;
  const sin = sinDeg(apexAngleDeg);
  const half = apexWidthUm / 2;
  const bluntUm = Math.max(0, half / tanDeg(apexAngleDeg) - DEPTH_UM);
  const radiusUm = (bluntUm * sin) / (1 - sin);
  return radiusUm > DEPTH_UM / (1 - sin) ? (half ** 2 + DEPTH_UM ** 2) / (2 * DEPTH_UM) : radiusUm;
}

/**
 * Apex radius (µm) of an edge on a stone: until the stone has reached the apex, what was there before (or what the
 * section shows, where that is more); from then on the stone's own finish on top of the geometry, and never more
 * than there was.
 */
export function groundRadiusUm(input: {
  geometricUm: number;
  beforeUm: number;
  finishUm: number;
  isReached: boolean;
}): number {
  const { geometricUm, beforeUm, finishUm, isReached } = input;
  if (!isReached) return Math.max(beforeUm, geometricUm);
  return Math.min(finishUm + geometricUm, Math.max(beforeUm, finishUm));
}

/** The same from what is seen of a section; `apexAngleDeg` is nominal, per side. */
export function labRadiusUm(seen: {
  apexWidthUm: number;
  apexAngleDeg: number;
  startUm: number;
  finishUm: number;
  isReached: boolean;
}): number {
  const { startUm, finishUm, isReached } = seen;
  return groundRadiusUm({
    geometricUm: geometricRadiusUm(seen),
    beforeUm: startUm,
    finishUm,
    isReached,
  });
}
