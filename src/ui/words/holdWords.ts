import { spoken } from './closedWords';
import type { CoinStack, NearCoins } from '../../core/edge';
import type { Hold, HoldGuide } from '../../core/hold';
import { deg, mm, placeMm } from '../format';
import { plural } from './plural';

/** The measure to hold, in as few words as can be read at arm's length. */
export function holdHeadline(hold: HoldGuide): string {
  switch (hold.way) {
    case 'lift the spine':
      return `Lift the spine ${mm(hold.liftMm)}`;
    case 'tilt the stone':
      return `Lift the back end ${mm(hold.rearLiftMm)}`;
    case 'lay it flat':
      return `Lay ${spoken(hold.lies)} flat`;
    case 'draw it over':
      return 'Draw it over by eye';
  }
}

/** The same with its coins, or with where it is measured. */
export function holdInShort(hold: HoldGuide): string {
  const words = holdHeadline(hold);
  if (hold.way === 'tilt the stone') return `${words}, ${placeMm(hold.leverMm)} behind the edge`;
  if (hold.way !== 'lift the spine') return words;
  const { coins } = hold.coins;
  return coins === 0 ? `${words}, under half a coin` : `${words}, ${plural(coins, 'coin')}`;
}

/** What a stack of coins gives, and how far off that is. */
function stackWords({ coins, angleDeg, errorDeg }: CoinStack): string {
  const error =
    Math.abs(errorDeg) < 0.05
      ? 'just right'
      : `${deg(Math.abs(errorDeg))} ${errorDeg > 0 ? 'high' : 'low'}`;
  return `${plural(coins, 'coin gives', 'coins give')} ${deg(angleDeg)}, ${error}`;
}

/** The stacks on either side of the nearest: 1 coin: 5.9° low, 3: 5.5° high; empty where there are none. */
export function neighbourWords({ fewer, more }: NearCoins): string {
  return [fewer, more]
    .flatMap((other) =>
      other && other.coins > 0
        ? [
            `${other.coins}: ${deg(Math.abs(other.errorDeg))} ${other.errorDeg > 0 ? 'high' : 'low'}`,
          ]
        : [],
    )
    .join(', ');
}

/** A stack in a word, with both its neighbours: 2 coins (1: 3.1° low, 3: 2.4° high). */
export function coinWords(stack: NearCoins): string {
  const others = neighbourWords(stack);
  return `${plural(stack.coins, 'coin')}${others && ` (${others})`}`;
}

/** The coins or the tilt that come near, with their error. */
export function holdDetail(hold: HoldGuide): string {
  switch (hold.way) {
    case 'lift the spine': {
      const { fewer, more } = hold.coins;
      const neighbours = [fewer, more].filter((stack) => stack !== null && stack.coins > 0);
      const others = neighbours.map((stack) => stackWords(stack!)).join('; ');
      if (hold.coins.coins === 0) return `less than half a coin${others && `; ${others}`}`;
      return `${stackWords(hold.coins)}${others && `; ${others}`}`;
    }
    case 'tilt the stone':
      return `measured ${placeMm(hold.leverMm)} behind the edge; ${deg(hold.tiltDeg)} off the face`;
    case 'lay it flat':
      return 'it lies at this angle, or steeper, by itself';
    case 'draw it over':
      return 'it bends and has no back end to measure: let it lie on the face and follow it to the edge';
  }
}

/** How a stone's tilt is found by eye: by the dark line under it, with ink to say whether it was right. */
export const BY_SHADOW =
  'Without a ruler: lay the stone flat on the face behind the edge and raise its back end until the dark line between stone and edge closes; ink shows whether it did.';

/** What is worked at this angle, and where the strokes go on: at 16° per side, then 13°. */
export function heldAt({ angleDeg, thenDeg, rockedToDeg }: Hold): string {
  const then = thenDeg === null ? '' : `, then ${deg(thenDeg)}`;
  const rocked = rockedToDeg === null ? '' : `, rocked down to ${deg(rockedToDeg)} and back`;
  return `${deg(angleDeg)} per side${then}${rocked}`;
}

/** A hold in a line: hold 16° per side, then 13°: lift the spine 6.2 mm, 3 coins. */
export function holdLine(hold: Hold): string {
  const { guide } = hold;
  const coins = guide.way === 'lift the spine' ? `, ${coinWords(guide.coins)}` : '';
  const lever = guide.way === 'tilt the stone' ? `, ${placeMm(guide.leverMm)} behind the edge` : '';
  const words = holdHeadline(guide);
  return `hold ${heldAt(hold)}: ${words.charAt(0).toLowerCase()}${words.slice(1)}${coins}${lever}`;
}
