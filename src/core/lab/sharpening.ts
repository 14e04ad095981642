import type { HandHold } from '../../domain/experiment';
import { gramsFromApex } from '../sharpness';
import { Grinder, MOVED_MM } from './grinder';
import type { StrokeTurn } from './hand';
import type { GroundSide, Section } from './section';
import { apexWidthUm, edgeInclusiveDeg } from './sectionReport';
import { sinDeg, tanDeg } from '../trigonometry';

/** Strokes on one stone: how they are held, in which turns, and what each does. */
export interface StoneStrokes {
  hold: HandHold;
  turns: readonly StrokeTurn[];
  /** Area that a stroke takes (mm²). */
  areaMm2: number;
  /** Apex radius that the stone leaves (µm). */
  finishUm: number;
}

/** An edge before it is sharpened. */
export interface EdgeBefore {
  section: Section;
  /** Its apex radius (µm). */
  startUm: number;
  /** Nominal angle at its apex (degrees per side). */
  apexAngleDeg: number;
}

/** One sharpening at one moment. */
export interface HoldRun {
  edgeInclusiveDeg: number;
  apexWidthUm: number;
  grams: number;
}

/** One sharpening as it goes on, stone by stone: the section, and the apex that its stones have left. */
export class Sharpening {
  readonly grinder: Grinder;
  private beforeUm: number;
  private finishUm = Infinity;
  /** Where the apex lay when the stone in hand was taken up. */
  private fromMm = 0;

  constructor(
    private readonly edge: EdgeBefore,
    strokes: number,
  ) {
    this.grinder = new Grinder(edge.section, strokes);
    this.beforeUm = edge.startUm;
  }

  /** Takes up a stone that leaves such an apex; what the one before has left is what it begins on. */
  takeUp(finishUm: number): void {
    if (this.grinder.removedMm2() > 0) this.beforeUm = this.radiusUm();
    this.fromMm = this.grinder.recessionMm();
    this.finishUm = finishUm;
  }

  stroke(angleDeg: number, side: GroundSide, areaMm2: number): void {
    this.grinder.stroke(angleDeg, side, areaMm2);
  }

  /** Whether any stone has reached the apex. */
  isApexReached(): boolean {
    return this.grinder.isApexReached();
  }

  /** Apex radius as it is now (µm). */
  radiusUm(): number {
    return labRadiusUm({
      apexWidthUm: apexWidthUm(this.grinder),
      apexAngleDeg: this.edge.apexAngleDeg,
      startUm: this.beforeUm,
      finishUm: this.finishUm,
      isReached: this.grinder.recessionMm() - this.fromMm > MOVED_MM,
    });
  }

  /** What stands after the strokes so far. */
  look(): HoldRun {
    return {
      edgeInclusiveDeg: edgeInclusiveDeg(this.grinder),
      apexWidthUm: apexWidthUm(this.grinder),
      grams: gramsFromApex({ apexRadiusUm: this.radiusUm() }),
    };
  }
}

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
function labRadiusUm(seen: {
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
