import type { Tool } from '../../domain/tool';
import { heldAngle } from '../check';
import { sinDeg } from '../trigonometry';
import { PRIORS } from '../priors';

/** What the curve up to the tip asks of the hand. */
export interface TipReach {
  /** How far the edge turns out of its straight line by the tip. */
  turnDeg: number;
  /** With the wrist kept flat, how much flatter than the bevel the tip meets the stone. */
  missedDeg: number;
  /** How far the end of the handle rises, from straight edge to tip, to keep the angle. */
  handleRiseMm: number;
}

/**
 * A blade held at θ whose edge turns by ψ toward the tip, as a parabola that rises over its belly:
 * ψ = atan(2·rise/belly). A flat wrist meets the stone there at asin(sin θ·cos ψ); raising the end
 * of the handle by (edge + handle)·sin θ·sin ψ keeps θ. No belly, no turn.
 */
export function tipReach(input: {
  tool: Pick<Tool, 'edgeLengthMm' | 'bladeWidthMm' | 'outline'>;
  angleDeg: number;
}): TipReach {
  const { edgeLengthMm, bladeWidthMm, outline } = input.tool;
  const angleDeg = heldAngle(input.angleDeg, 'angleDeg');
  const bellyMm = outline.bellyShare * edgeLengthMm;
  const turn =
    bellyMm > 0 ? Math.atan((2 * PRIORS.tipRiseShare.value * bladeWidthMm) / bellyMm) : 0;
  const metDeg = (Math.asin(sinDeg(angleDeg) * Math.cos(turn)) * 180) / Math.PI;
  return {
    turnDeg: (turn * 180) / Math.PI,
    missedDeg: angleDeg - metDeg,
    handleRiseMm: (edgeLengthMm + outline.handleLengthMm) * sinDeg(angleDeg) * Math.sin(turn),
  };
}
