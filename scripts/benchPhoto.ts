import { fitRim, glintAlong, traceLine, tracedOutline } from '../src/core/measure';
import { paintPhoto, TRIED_SCENE } from '../src/instruments/paintedPhoto';
import { millisecondsEach } from './millisecondsEach';

/** What lines on a photo take, against one look at each of its pixels; and how far they lie off on painted photos. */

const photo = paintPhoto(TRIED_SCENE);
const { raster, edge, outline, neck, rimAt } = photo;
const RUNS = 5;

const pixels = millisecondsEach(() => {
  let sum = 0;
  for (const value of raster.pixels) sum += value;
  return sum;
}, RUNS);
const times = (ms: number): string => `${ms.toFixed(0)} ms, ${(ms / pixels).toFixed(0)} ×`;

const ends = [edge[0]!, edge.at(-1)!];
const taps = [0, 55, 100, 140, 199, 215, 235, 250].map((i) => outline[i]!);
const line = traceLine({ raster, taps: ends, isClosed: false });
const around = traceLine({ raster, taps, isClosed: true });
const rim = fitRim({ points: [0, 1, 2, 3, 4, 5].map(rimAt) })!;
const hung = {
  outline: around,
  heel: ends[0]!,
  tip: ends[1]!,
  neck,
  rim,
  coinDiameterMm: TRIED_SCENE.coinMm,
  kind: 'scandi-knife',
} as const;

console.log(
  `photo of ${raster.width} × ${raster.height} px, one look at all: ${pixels.toFixed(0)} ms`,
);
for (const [what, work] of [
  ['edge followed', () => traceLine({ raster, taps: ends, isClosed: false })],
  ['outline followed', () => traceLine({ raster, taps, isClosed: true })],
  ['glints along it', () => glintAlong({ raster, line, pxPerMm: TRIED_SCENE.pxPerMm })],
  ['silhouette hung', () => tracedOutline(hung)],
] as const)
  console.log(what.padEnd(18), times(millisecondsEach(work, RUNS)));
