import {
  oneChip,
  findLadder,
  type Hand,
  type LadderAbrasive,
  type Ladder,
  type WorkingFace,
} from '../ladder';

/** An edge with what it is worked with, whatever state it comes to. */
export interface EdgeAtHand {
  face: WorkingFace;
  target: { apexRadiusUm: number; finishSizeUm: number };
  abrasives: readonly LadderAbrasive[];
  hand: Hand;
}

/** The touch-up of an edge that is so many times as round as its target, with a chip or none. */
export function ladderAt(
  { face, target, abrasives, hand }: EdgeAtHand,
  ratio: number,
  chipMm: number,
): Ladder {
  const { startMm, edgeLengthMm } = face;
  return findLadder({
    zone: face,
    condition: {
      apexRadiusUm: ratio * target.apexRadiusUm,
      damageDepthMm: chipMm,
      damageStretch: chipMm > 0 ? oneChip({ startMm, endMm: startMm + edgeLengthMm }) : null,
    },
    target,
    abrasives,
    pace: hand.pace,
    calibration: hand.learned,
    missingStone: false,
  });
}
