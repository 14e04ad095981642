import type { Tool, Zone } from '../../domain/tool';
import { coinStack, type NearCoins } from './coinStack';
import { flatAngle, spineLift } from './spineLift';
import { puckRearLift, stoneTilt } from './stoneOverTool';

/** How to find an angle by hand on this very tool. */
export type HoldGuide =
  | { way: 'lift the spine'; liftMm: number; coins: NearCoins }
  | { way: 'tilt the stone'; tiltDeg: number; rearLiftMm: number }
  | { way: 'lay it flat' };

/**
 * Spine lift and coin stack for a blade on a stone; tilt and rear lift for a stone moved over a
 * clamped or braced tool; `lay it flat` where the blade lies at least as steep by itself.
 *
 * `stoneLengthMm` is where, behind the apex, the rear lift of the stone is measured.
 */
export function holdGuide(input: {
  tool: Pick<Tool, 'bladeWidthMm' | 'spineThicknessMm'>;
  zone: Pick<Zone, 'primaryAngleDeg'>;
  /** The stone moves over the tool, as on axes and machetes. */
  stoneInHand: boolean;
  angleDeg: number;
  coinThicknessMm: number;
  stoneLengthMm: number;
}): HoldGuide {
  const { tool, zone, angleDeg } = input;
  if (input.stoneInHand) {
    const cheekAngleDeg = zone.primaryAngleDeg;
    return {
      way: 'tilt the stone',
      tiltDeg: stoneTilt({ angleDeg, cheekAngleDeg }),
      rearLiftMm: puckRearLift({ apexToRearRimMm: input.stoneLengthMm, angleDeg, cheekAngleDeg }),
    };
  }
  if (angleDeg <= flatAngle(tool)) return { way: 'lay it flat' };
  return {
    way: 'lift the spine',
    liftMm: spineLift({ ...tool, angleDeg }),
    coins: coinStack({ ...tool, angleDeg, coinThicknessMm: input.coinThicknessMm }),
  };
}
