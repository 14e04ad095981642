import type { PhotoPoint, Raster } from '../core/measure';
import { Draws } from '../core/random';
import { paintedCoin, type Colour } from './paintedCoin';

// Looked up once: these are called millions of times.
const { PI, abs, cos, hypot, max, sin } = Math;

/** A stretch along the edge, from the heel (mm). */
interface Stretch {
  fromMm: number;
  toMm: number;
}

/** A photo that nobody took: a knife with its edge toward the viewer, and a coin, seen by a phone above them. */
export interface PaintedScene {
  widthPx: number;
  heightPx: number;
  /** Of the table under the eye. */
  pxPerMm: number;
  /** How far the phone leans, and about which line (degrees from x). */
  tiltDeg: number;
  tiltAxisDeg: number;
  distanceMm: number;
  /** How the knife lies on the table (degrees). */
  turnDeg: number;
  edgeMm: number;
  bevelMm: number;
  coinMm: number;
  /** The colour of its metal (red, green, blue); copper where nobody says. */
  coinColour?: Colour;
  chip: { atMm: number; depthMm: number } | null;
  /** Where the apex is round, and shines. */
  glints: readonly Stretch[];
  /** Scatter of single pixels (of 255). */
  noise: number;
  seed: number;
}

export interface PaintedPhoto {
  raster: Raster;
  /** What is true of it, in px: the rim of the coin by its turn (radians), the tool around, and its edge from heel to tip. */
  rimAt: (turn: number) => PhotoPoint;
  outline: PhotoPoint[];
  edge: PhotoPoint[];
  neck: [PhotoPoint, PhotoPoint];
  /** A place on the table (mm; the heel is at 0, 0, x toward the tip, y toward the spine) in px. */
  toPx: (mm: PhotoPoint) => PhotoPoint;
}

/** Shares of the blade: its width by its length, where the belly begins, how high the tip is, where the spine falls. */
const WIDTH_SHARE = 0.24;
const BELLY_SHARE = 0.55;
const TIP_SHARE = 0.55;
const FALL_SHARE = 0.7;
const HANDLE_SHARE = 1.1;
/** As wide as light blooms on a photo. */
const GLINT_MM = 0.4;
const CHIP_HALF_MM = 0.7;
const OUTLINE_POINTS = 400;

const WOOD: Colour = [118, 98, 78];
const STEEL: Colour = [150, 158, 164];
const BEVEL: Colour = [205, 211, 215];
const LIGHT: Colour = [255, 255, 255];
const HANDLE: Colour = [196, 146, 92];

/** Paints the scene; the same scene gives the same pixels. */
export function paintPhoto(scene: PaintedScene): PaintedPhoto {
  const { widthPx: width, heightPx: height, coinMm, noise, seed } = scene;
  const shape = shapeOf(scene);
  const camera = cameraOf(scene);
  const draws = new Draws(seed);
  const pixels = new Uint8ClampedArray(4 * width * height);
  // One point for all of a million pixels: they are painted a third as fast with one each.
  const seen = { x: 0, y: 0 };
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const at = 4 * (y * width + x);
      const grain = noise * draws.normal();
      // Four looks at each pixel: no line of a photo is a stair.
      let [red, green, blue, wood] = [grain, grain, grain, 0];
      for (let look = 0; look < LOOKS.length; look += 1) {
        camera.toTable(x + LOOKS[look]![0], y + LOOKS[look]![1], seen);
        const own = shape.colourAt(seen.x, seen.y);
        red += own[0] / LOOKS.length;
        green += own[1] / LOOKS.length;
        blue += own[2] / LOOKS.length;
        if (own === WOOD) wood += 1 / LOOKS.length;
      }
      const year = wood > 0 ? wood * yearRings(seen.x, seen.y) : 0;
      pixels[at] = red + year;
      pixels[at + 1] = green + year;
      pixels[at + 2] = blue + year;
      pixels[at + 3] = 255;
    }
  }
  const coin = shape.coin;
  return {
    raster: { width, height, pixels },
    toPx: camera.toPx,
    outline: shape.outline.map(camera.toPx),
    edge: shape.edge.map(camera.toPx),
    neck: [
      camera.toPx({ x: 0, y: -0.02 * scene.edgeMm }),
      camera.toPx({ x: 0, y: shape.widthMm * 1.1 }),
    ],
    rimAt: (turn) =>
      camera.toPx({
        x: coin.x + (coinMm / 2) * cos(turn),
        y: coin.y + (coinMm / 2) * sin(turn),
      }),
  };
}

const LOOKS = [
  [-0.25, -0.25],
  [0.25, -0.25],
  [-0.25, 0.25],
  [0.25, 0.25],
] as const;

/** The tool on the table: heel at 0, 0. */
function shapeOf(scene: PaintedScene) {
  const { edgeMm, bevelMm, chip, glints } = scene;
  const widthMm = WIDTH_SHARE * edgeMm;
  const handleMm = HANDLE_SHARE * edgeMm;
  const bellyMm = BELLY_SHARE * edgeMm;
  const tipMm = TIP_SHARE * widthMm;
  const edgeAt = (x: number): number =>
    x < bellyMm ? 0 : tipMm * ((x - bellyMm) / (edgeMm - bellyMm)) ** 2;
  const spineAt = (x: number): number => {
    const fall = FALL_SHARE * edgeMm;
    return x < fall ? widthMm : widthMm - (widthMm - tipMm) * ((x - fall) / (edgeMm - fall)) ** 2;
  };
  const [low, high] = [0.08 * widthMm, 0.98 * widthMm];
  const round = (high - low) / 2;
  const inHandle = (x: number, y: number): boolean =>
    x <= 0 &&
    y >= low &&
    y <= high &&
    (x >= round - handleMm || hypot(x - round + handleMm, y - low - round) <= round);
  const notchAt = (x: number): number =>
    chip ? max(0, chip.depthMm * (1 - abs(x - chip.atMm) / CHIP_HALF_MM)) : 0;
  const coinAt = paintedCoin({ ...scene, ground: WOOD });
  const coin = { x: 0.3 * edgeMm, y: -0.32 * edgeMm };
  const along = (n: number, from: number, to: number): number[] =>
    Array.from({ length: n + 1 }, (_, i) => from + (i / n) * (to - from));
  const edge = along(OUTLINE_POINTS / 4, 0, edgeMm).map((x) => ({ x, y: edgeAt(x) }));
  const spine = along(OUTLINE_POINTS / 4, edgeMm, 0).map((x) => ({ x, y: spineAt(x) }));
  const end = along(OUTLINE_POINTS / 8, PI / 2, 1.5 * PI).map((turn) => ({
    x: round - handleMm + round * cos(turn),
    y: low + round + round * sin(turn),
  }));
  return {
    coin,
    widthMm,
    edge,
    outline: [...edge, ...spine.slice(1), ...end, { x: 0, y: low }],
    colourAt(x: number, y: number): Colour {
      const onCoin = coinAt(x - coin.x, y - coin.y);
      if (onCoin) return onCoin;
      if (inHandle(x, y)) return HANDLE;
      if (x < 0 || x > edgeMm || y > spineAt(x)) return WOOD;
      const over = y - edgeAt(x) - notchAt(x);
      if (over < 0) return WOOD;
      if (over < GLINT_MM && glints.some(({ fromMm, toMm }) => x >= fromMm && x <= toMm))
        return LIGHT;
      return over < bevelMm ? BEVEL : STEEL;
    },
  };
}

function yearRings(x: number, y: number): number {
  return 5 * sin(1.1 * y + 3 * sin(0.02 * x)) + 4 * sin(0.31 * y + 0.05 * x);
}

/** A pinhole over the middle of the table, and the way back from its picture to the table. */
function cameraOf(scene: PaintedScene) {
  const { widthPx, heightPx, pxPerMm, tiltDeg, tiltAxisDeg, distanceMm, turnDeg, edgeMm } = scene;
  const [tilt, axis, turn] = [tiltDeg, tiltAxisDeg, turnDeg].map((deg) => (deg * PI) / 180) as [
    number,
    number,
    number,
  ];
  const focal = pxPerMm * distanceMm;
  const [ux, uy] = [cos(axis), sin(axis)];
  const lean = 1 - cos(tilt);
  // A turn about an axis in the table: what its x and y become (Rodrigues).
  const rows = [
    [1 - lean * uy * uy, lean * ux * uy],
    [lean * ux * uy, 1 - lean * ux * ux],
    [-sin(tilt) * uy, sin(tilt) * ux],
  ] as const;
  /** The middle of what is painted lies under the eye; on the picture, y runs down. */
  const middle = { x: -0.02 * edgeMm, y: -0.06 * edgeMm };
  const onTable = ({ x, y }: PhotoPoint): [number, number] => {
    const [dx, dy] = [x - middle.x, middle.y - y];
    return [dx * cos(turn) - dy * sin(turn), dx * sin(turn) + dy * cos(turn)];
  };
  const toPx = (mm: PhotoPoint): PhotoPoint => {
    const [x, y] = onTable(mm);
    const [px, py, pz] = rows.map(([a, b]) => a * x + b * y) as [number, number, number];
    const far = distanceMm + pz;
    return { x: widthPx / 2 + (focal * px) / far, y: heightPx / 2 + (focal * py) / far };
  };
  const [along, across] = [cos(turn), sin(turn)];
  const toTable = (x: number, y: number, on: PhotoPoint): void => {
    const [u, v] = [(x - widthPx / 2) / focal, (y - heightPx / 2) / focal];
    // Two straight equations in the table's x and y.
    const [a, b, c] = [rows[0][0] - u * rows[2][0], rows[0][1] - u * rows[2][1], u * distanceMm];
    const [d, e, f] = [rows[1][0] - v * rows[2][0], rows[1][1] - v * rows[2][1], v * distanceMm];
    const det = a * e - b * d;
    const [tx, ty] = [(c * e - b * f) / det, (a * f - c * d) / det];
    on.x = middle.x + tx * along + ty * across;
    on.y = middle.y + tx * across - ty * along;
  };
  return { toPx, toTable };
}

/** The photo to try the taps on. */
export const TRIED_SCENE: PaintedScene = {
  widthPx: 1440,
  heightPx: 900,
  pxPerMm: 6,
  tiltDeg: 4,
  tiltAxisDeg: 70,
  distanceMm: 320,
  turnDeg: -4,
  edgeMm: 95,
  bevelMm: 7,
  coinMm: 24,
  chip: { atMm: 52, depthMm: 0.5 },
  glints: [
    { fromMm: 60, toMm: 68 },
    { fromMm: 84, toMm: 88 },
  ],
  noise: 4,
  seed: 7,
};
