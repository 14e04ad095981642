// Looked up once: these are called millions of times.
const { abs, PI, atan2, cos, floor, hypot, sin } = Math;

/** Red, green and blue. */
export type Colour = readonly [number, number, number];

const COPPER: Colour = [181, 112, 47];
/** Shares of the coin's radius: its rim begins, and the groove that sets it off. */
const RIM_SHARE = 0.9;
const GROOVE_SHARE = 0.86;
const GROOVE_DARK = 0.74;
const RELIEF = 0.08;
/** Where the light comes from (radians), and how much it makes of the rim on that side. */
const LIGHT_FROM = 2.2;
const SHINE = 0.3;
const SHADES = 120;
const SHADOW_MM = 0.7;
const SHADOW_DARK = 0.55;

/**
 * A struck coin: its rim catches the light on one side, a groove sets it off, and it throws a shadow on what it lies on.
 * Tells the colour at a place from its middle (mm); null beyond coin and shadow.
 */
export function paintedCoin(coin: {
  coinMm: number;
  coinColour?: Colour;
  /** The colour of what it lies on. */
  ground: Colour;
}): (x: number, y: number) => Colour | null {
  const { coinMm, coinColour = COPPER, ground } = coin;
  const radius = coinMm / 2;
  // Mixed once: a photo asks for millions.
  const rim = Array.from({ length: SHADES }, (_, i) =>
    lit(coinColour, 1 + SHINE * cos((2 * PI * i) / SHADES - LIGHT_FROM)),
  );
  const groove = lit(coinColour, GROOVE_DARK);
  const [low, high] = [lit(coinColour, 1 - RELIEF), lit(coinColour, 1 + RELIEF)];
  const shadow = lit(ground, SHADOW_DARK);
  const [shadowX, shadowY] = [-SHADOW_MM * cos(LIGHT_FROM), -SHADOW_MM * sin(LIGHT_FROM)];
  const most = radius + SHADOW_MM;
  return (x, y) => {
    if (abs(x) > most || abs(y) > most) return null;
    const share = hypot(x, y) / radius;
    if (share > 1) return hypot(x - shadowX, y - shadowY) <= radius ? shadow : null;
    if (share > RIM_SHARE) {
      const turn = atan2(y, x) / (2 * PI);
      return rim[floor((turn + 1) * SHADES) % SHADES]!;
    }
    if (share > GROOVE_SHARE) return groove;
    const [u, v] = [x / radius, y / radius];
    return sin(9 * u) * sin(11 * v + 2 * u) > 0 ? high : low;
  };
}

function lit([red, green, blue]: Colour, by: number): Colour {
  return [red * by, green * by, blue * by];
}
