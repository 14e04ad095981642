import type { HoldGuide } from '../../core';
import { deg, mm, placeMm, plural } from '../format';

/** How far behind the edge the lift of a stone over an axe is measured. */
export const MEASURED_AT_MM = 75;

/** The measure to hold, in as few words as can be read at arm's length. */
export function holdHeadline(hold: HoldGuide): string {
  switch (hold.way) {
    case 'lift the spine':
      return `Spine up ${mm(hold.liftMm)}`;
    case 'tilt the stone':
      return `Rear up ${mm(hold.rearLiftMm)}`;
    case 'lay it flat':
      return 'Lay the blade flat';
  }
}

/** The same with its coins, or with where it is measured. */
export function holdInShort(hold: HoldGuide): string {
  const words = holdHeadline(hold);
  if (hold.way === 'tilt the stone') return `${words}, ${placeMm(MEASURED_AT_MM)} behind the edge`;
  if (hold.way === 'lay it flat') return words;
  const { coins } = hold.coins;
  return coins === 0 ? `${words}, under half a coin` : `${words}, ${plural(coins, 'coin')}`;
}

/** The coins or the tilt that come near, with their error. */
export function holdDetail(hold: HoldGuide): string {
  switch (hold.way) {
    case 'lift the spine': {
      const { coins, errorDeg, angleDeg } = hold.coins;
      if (coins === 0) return 'less than half a coin';
      const error =
        Math.abs(errorDeg) < 0.05
          ? 'just right'
          : `${deg(Math.abs(errorDeg))} ${errorDeg > 0 ? 'high' : 'low'}`;
      return `${plural(coins, 'coin gives', 'coins give')} ${deg(angleDeg)}, ${error}`;
    }
    case 'tilt the stone':
      return `measured ${placeMm(MEASURED_AT_MM)} behind the edge; ${deg(hold.tiltDeg)} off the face`;
    case 'lay it flat':
      return 'it lies at this angle, or steeper, by itself';
  }
}
