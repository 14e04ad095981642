import type { HoldGuide } from '../../../core/hold';

/** Room of the drawing (px), and the level that the blade is lifted from. */
export const LIFT = { width: 62, height: 36, base: 33 };

const APEX_X = 4;
const BLADE_PX = 54;
const COIN = { width: 13, height: 2.4, gap: 0.5 };
/** More coins than this are drawn as one stack of the same height. */
const MOST_COINS = 12;

/** How an angle is held, as it is drawn: the blade, or the stone over it, and the coins under its spine. */
export interface LiftShape {
  /** The blade or the stone, from the apex up. */
  path: string;
  weight: number;
  coins: { x: number; y: number; width: number; height: number }[];
}

/** The drawing of a hold at its true angle. */
export function liftShape(hold: HoldGuide, angleDeg: number): LiftShape {
  const isStone = hold.way === 'tilt the stone';
  const tiltDeg = isStone ? hold.tiltDeg : hold.way === 'lay it flat' ? 0 : angleDeg;
  const turn = (tiltDeg * Math.PI) / 180;
  const [endX, endY] = [APEX_X + BLADE_PX * Math.cos(turn), LIFT.base - BLADE_PX * Math.sin(turn)];
  const count = hold.way === 'lift the spine' ? Math.min(MOST_COINS, hold.coins.coins) : 0;
  // The coins stand where the blade lies on them.
  const stackPx = count * (COIN.height + COIN.gap);
  const stackX = Math.min(
    LIFT.width - COIN.width,
    APEX_X + stackPx / Math.max(0.05, Math.tan(turn)),
  );
  return {
    path: `M${APEX_X},${LIFT.base}L${endX},${endY}`,
    weight: isStone ? 5 : 3,
    coins: Array.from({ length: count }, (_, i) => ({
      x: stackX - 2,
      y: LIFT.base - 1 - (i + 1) * (COIN.height + COIN.gap),
      width: COIN.width,
      height: COIN.height,
    })),
  };
}
