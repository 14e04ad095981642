import { fitRim, rimOnPhoto, type PhotoPoint, type Rim } from '../core/measure';
import { Draws } from '../core/random';
import { paintPhoto, TRIED_SCENE, type PaintedPhoto, type PaintedScene } from './paintedPhoto';

const small: PaintedScene = {
  ...TRIED_SCENE,
  widthPx: 500,
  heightPx: 360,
  pxPerMm: 2.6,
  glints: [],
  chip: null,
};

const METALS = {
  copper: [181, 112, 47],
  silver: [190, 190, 188],
  brass: [200, 170, 90],
} as const;

const size = ({ semiMajor, semiMinor }: Rim): number => Math.sqrt(semiMajor * semiMinor);

const truthOf = ({ rimAt }: PaintedPhoto): Rim =>
  fitRim({
    points: Array.from({ length: 60 }, (_, i) => ({
      ...rimAt((Math.PI * i) / 30),
      offPx: 0,
    })),
  })!;

function tapsOn({ rimAt }: PaintedPhoto, count: number, offPx: number, draws: Draws): PhotoPoint[] {
  const turn = draws.even();
  return Array.from({ length: count }, (_, i) => {
    const { x, y } = rimAt(turn + (2 * Math.PI * i) / count);
    return { x: x + offPx * draws.normal(), y: y + offPx * draws.normal(), offPx };
  });
}

const lean = (draws: Draws): Partial<PaintedScene> => ({
  tiltDeg: 8 * draws.even(),
  tiltAxisDeg: 180 * draws.even(),
  noise: 6 * draws.even(),
  seed: Math.ceil(1e6 * draws.even()),
});

it.each(Object.entries(METALS))(
  'a coin of %s is as large as its rim, not its shadow or the ring inside it, though a finger tapped it thrice',
  (_, coinColour) => {
    const draws = new Draws(31);
    let seen = 0;
    const [found, tapped]: [number[], number[]] = [[], []];
    for (let i = 0; i < 8; i += 1) {
      const photo = paintPhoto({ ...small, ...lean(draws), coinColour });
      const truth = size(truthOf(photo));
      // As rough as a finger on a phone: a tenth of the coin.
      const taps = tapsOn(photo, 3, 3, draws);
      const rim = rimOnPhoto({ raster: photo.raster, taps });
      tapped.push(size(fitRim({ points: taps })!) / truth - 1);
      if (!rim) continue;
      seen += 1;
      found.push(size(fitRim({ points: rim })!) / truth - 1);
    }
    const rms = (offs: readonly number[]): number =>
      Math.sqrt(offs.reduce((sum, off) => sum + off ** 2, 0) / offs.length);
    expect(seen).toBeGreaterThanOrEqual(6);
    // What is stated of a coin of 24 mm is 0.8 %.
    expect(rms(found)).toBeLessThan(0.012);
    expect(Math.max(...found.map(Math.abs))).toBeLessThan(0.025);
    expect(rms(found)).toBeLessThan(rms(tapped) / 3);
  },
);

it('a rim that is askew is told from three taps, which alone cannot', () => {
  const photo = paintPhoto({ ...small, tiltDeg: 12, coinColour: METALS.silver });
  const taps = tapsOn(photo, 3, 1, new Draws(8));
  expect(fitRim({ points: taps })).toMatchObject({ isTiltSeen: false });
  const rim = fitRim({ points: rimOnPhoto({ raster: photo.raster, taps })! })!;
  expect(rim.isTiltSeen).toBe(true);
  expect(rim.tiltDeg).toBeGreaterThan(8);
  expect(rim.tiltDeg).toBeLessThan(16);
});

it('tells nothing where the picture shows no rim, or the taps do not agree with it', () => {
  const photo = paintPhoto({ ...small, coinColour: METALS.brass });
  const draws = new Draws(4);
  const bare = paintPhoto({ ...small, coinMm: 0.01 });
  expect(rimOnPhoto({ raster: bare.raster, taps: tapsOn(photo, 5, 2, draws) })).toBeNull();
  // Two pixels inside the rim all around, and none of them off by more than a third of one.
  const { centre } = truthOf(photo);
  const inside = tapsOn(photo, 6, 0.01, draws).map(({ x, y }) => ({
    x: centre.x + 0.86 * (x - centre.x),
    y: centre.y + 0.86 * (y - centre.y),
    offPx: 0.3,
  }));
  const rim = rimOnPhoto({ raster: photo.raster, taps: inside });
  if (rim) expect(size(fitRim({ points: rim })!)).toBeLessThan(0.93 * size(truthOf(photo)));
  expect(rimOnPhoto({ raster: photo.raster, taps: inside.slice(0, 2) })).toBeNull();
  // A coin at the border of the picture is not seen whole.
  const cut = inside.map(({ x, y }) => ({ x: x - centre.x + 10, y }));
  expect(rimOnPhoto({ raster: photo.raster, taps: cut })).toBeNull();
});
