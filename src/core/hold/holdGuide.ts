import type { Tool, Zone } from '../../domain/tool';
import { coinStack, flatAngle, puckRearLift, spineLift, stoneTilt, type NearCoins } from '../edge';

/** How to find an angle by hand on this very tool. */
export type HoldGuide =
  | { way: 'lift the spine'; liftMm: number; coins: NearCoins }
  /** `leverMm`: how far behind the edge the lift of the stone's rear is measured. */
  | { way: 'tilt the stone'; tiltDeg: number; rearLiftMm: number; leverMm: number }
  /** What moves lies at least as steep by itself. */
  | { way: 'lay it flat'; lies: 'the blade' | 'the stone' }
  /** Drawn over a tool that lies still: it bends, and has no back end to measure at. */
  | { way: 'draw it over' };

/**
 * Spine lift and coin stack for a blade on a stone or a strop; tilt and rear lift for a stone moved over a
 * clamped or braced tool; `lay it flat` where the blade, or the stone upon its faces, lies at least as steep by itself.
 */
export function holdGuide(input: {
  tool: Pick<Tool, 'bladeWidthMm' | 'spineThicknessMm'>;
  zone: Pick<Zone, 'primaryAngleDeg'>;
  /** What moves over what: the tool over a stone, or a stone or strop over a tool that lies still. */
  moves: 'the tool' | 'the stone' | 'the strop';
  angleDeg: number;
  coinThicknessMm: number;
  /** How far behind the apex the stone reaches; unused where the tool moves. */
  leverMm: number;
}): HoldGuide {
  const { tool, zone, angleDeg, moves, leverMm } = input;
  if (moves === 'the strop') return { way: 'draw it over' };
  if (moves === 'the stone') {
    const cheekAngleDeg = zone.primaryAngleDeg;
    if (angleDeg <= cheekAngleDeg) return { way: 'lay it flat', lies: 'the stone' };
    return {
      way: 'tilt the stone',
      tiltDeg: stoneTilt({ angleDeg, cheekAngleDeg }),
      rearLiftMm: puckRearLift({ apexToRearRimMm: leverMm, angleDeg, cheekAngleDeg }),
      leverMm,
    };
  }
  if (angleDeg <= flatAngle(tool)) return { way: 'lay it flat', lies: 'the blade' };
  return {
    way: 'lift the spine',
    liftMm: spineLift({ ...tool, angleDeg }),
    coins: coinStack({ ...tool, angleDeg, coinThicknessMm: input.coinThicknessMm }),
  };
}
