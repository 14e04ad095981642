import { sample } from '../../testing/sample';
import { fitting, NO_MARKS, photoMeasures, photoScale, scaleOf, type Marks } from './photoMeasures';

const zone = sample.tools.find(({ id }) => id === 'wren')!.zones[0]!;
const PX_PER_MM = 12;
const px = (x: number, y: number) => ({ x: 300 + PX_PER_MM * x, y: 900 + PX_PER_MM * y });
const coin = Array.from({ length: 6 }, (_, i) => px(12 * Math.cos(i), 40 + 12 * Math.sin(i)));
const of = (marks: Partial<Marks>) =>
  photoMeasures({
    marks: { ...NO_MARKS, ...marks },
    lines: { rim: null, edge: null, outline: null },
    scale: scaleOf({ ...NO_MARKS, ...marks }, null, { coinMm: 24, ruleMm: 50, heightMm: 1 }),
    heightErrorMm: 1,
    zone,
  });

it('tells nothing without the coin, and each measure as soon as it is marked', () => {
  const edge = [px(0, 0), px(95, 0)];
  expect(of({ edge })).toMatchObject({ rim: null, edge: null, angle: null, chip: null });
  const found = of({ coin, edge, spine: [px(0, -20), px(0, -17)] });
  expect(found.edge!.mm).toBeCloseTo(95, 1);
  expect(found.edge!.sdMm!).toBeGreaterThan(0.2);
  expect(found.spine!.mm).toBeCloseTo(3, 1);
  expect(found.bevel).toBeNull();
});

it('states a wider ± of what a finger tapped than of what was set under the loupe', () => {
  const ends = [px(0, 0), px(95, 0)];
  const by = (offPx: number) => ends.map((end) => ({ ...end, offPx }));
  const sdOf = (marks: Partial<Marks>): number => of({ coin, ...marks }).edge!.sdMm!;
  expect(sdOf({ edge: by(2) })).toBeCloseTo(sdOf({ edge: ends }), 6);
  expect(sdOf({ edge: by(40) })).toBeGreaterThan(40 / PX_PER_MM);
  // The line between is followed: its ends are still what was tapped.
  const line = Array.from({ length: 96 }, (_, mm) => px(mm, 0));
  const followed = photoMeasures({
    marks: { ...NO_MARKS, coin, edge: by(40) },
    lines: { edge: line, outline: null, rim: null },
    scale: { scaleBy: 'rim tapped', rimPoints: coin, coinDiameterMm: 24, rimErrorMm: 0.2 },
    heightErrorMm: 1,
    zone,
  });
  expect(followed.edge!.sdMm!).toBeCloseTo(sdOf({ edge: by(40) }), 3);
});

it('takes the lean of a bevel into its angle', () => {
  // A face of 12° and half of 3 mm is seen 1.5 / tan 12° wide.
  const seen = zone.shoulderThicknessMm / 2 / Math.tan((12 * Math.PI) / 180);
  const { angle } = of({ coin, bevel: [px(40, 0), px(40, -seen)] });
  expect(angle!.angleDeg).toBeCloseTo(12, 1);
  expect(angle!.sdDeg).toBeGreaterThan(0.1);
  expect(angle!.sdDeg).toBeLessThan(2);
});

it('finds how deep a chip is and where, from the heel that was marked first', () => {
  const edge = [px(0, 0), px(95, 0)];
  const found = of({ coin, edge, chip: [px(38, -0.4)] });
  expect(found.chip!.mm).toBeCloseTo(0.4, 1);
  expect(found.chipAtMm!).toBeCloseTo(zone.startMm + 0.4 * (zone.endMm - zone.startMm), 1);
});

it('walks along an edge that was followed: longer than straight, a notch by the edge beside it', () => {
  // Half of the edge is straight, the rest an arc up to the tip.
  const line = Array.from({ length: 96 }, (_, mm) => px(mm, mm < 50 ? 0 : -0.006 * (mm - 50) ** 2));
  const lines = { edge: line, outline: null, rim: null };
  const found = photoMeasures({
    marks: {
      ...NO_MARKS,
      coin,
      edge: [line[0]!, line.at(-1)!],
      chip: [px(70, -0.006 * 400 - 0.5)],
    },
    lines,
    scale: { scaleBy: 'rim tapped', rimPoints: coin, coinDiameterMm: 24, rimErrorMm: 0.2 },
    heightErrorMm: 1,
    zone,
  });
  expect(found.edge!.mm).toBeGreaterThan(96);
  expect(found.edge!.mm).toBeLessThan(98);
  // By the straight way between heel and tip it would be six millimetres.
  expect(found.chip!.mm).toBeGreaterThan(0.3);
  expect(found.chip!.mm).toBeLessThan(0.6);
  expect(found.chipAtMm!).toBeGreaterThan(zone.startMm + 68);
  expect(found.chipAtMm!).toBeLessThan(zone.startMm + 74);
});

it('tells how large a photo shows things, and where the edge lies as far as it is marked', () => {
  const edge = [px(0, 0), px(95, 0)];
  const { rim } = of({ coin });
  const scale = photoScale(rim, 24, edge)!;
  expect(scale.pxPerMm).toBeCloseTo(PX_PER_MM, 3);
  expect(scale).toMatchObject({ heel: edge[0], tip: edge[1] });
  expect(photoScale(rim, 24, [])).toMatchObject({ heel: null, tip: null });
  expect(photoScale(null, 24, edge)).toBeNull();
});

it('takes a rule instead of a coin: the same length, and a tilt that two taps cannot see', () => {
  const rule = [px(10, 30), px(60, 30)];
  const found = of({ rule, edge: [px(0, 0), px(95, 0)] });
  expect(found.edge!.mm).toBeCloseTo(95, 6);
  expect(found.rim!.isTiltSeen).toBe(false);
  expect(found.scaleBy).toBe('rule');
  expect(found.edge!.sdMm!).toBeGreaterThan(
    of({ coin, edge: [px(0, 0), px(95, 0)] }).edge!.sdMm! / 2,
  );
  // A coin tells more: with both it is the coin.
  expect(of({ rule, coin })).toMatchObject({ rim: { isTiltSeen: true }, scaleBy: 'rim tapped' });
});

it('tells what no tool can be, by a rule that was marked far too short', () => {
  const edge = [px(0, 0), px(95, 0)];
  const spine = [px(0, -20), px(0, -17)];
  expect(fitting(of({ coin, edge, spine }))).toEqual({ edge: true, spine: true, chip: true });
  const rule = [px(10, 30), px(12, 30)];
  const found = of({ rule, edge, spine, chip: [px(30, -2)] });
  expect(fitting(found)).toEqual({ edge: false, spine: false, chip: false });
  expect(fitting(of({ rule, edge: [px(0, 0), px(4, 0)] })).edge).toBe(true);
});
