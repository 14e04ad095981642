import { sample } from '../../testing/sample';
import { NO_MARKS, photoMeasures, type Marks } from './photoMeasures';

const zone = sample.tools.find(({ id }) => id === 'wren')!.zones[0]!;
const PX_PER_MM = 12;
const px = (x: number, y: number) => ({ x: 300 + PX_PER_MM * x, y: 900 + PX_PER_MM * y });
const coin = Array.from({ length: 6 }, (_, i) => px(12 * Math.cos(i), 40 + 12 * Math.sin(i)));
const of = (marks: Partial<Marks>) =>
  photoMeasures({ marks: { ...NO_MARKS, ...marks }, coinDiameterMm: 24, heightErrorMm: 1, zone });

it('tells nothing without the coin, and each measure as soon as it is marked', () => {
  const edge = [px(0, 0), px(95, 0)];
  expect(of({ edge })).toMatchObject({ rim: null, edge: null, angle: null, chip: null });
  const found = of({ coin, edge, spine: [px(0, -20), px(0, -17)] });
  expect(found.edge!.mm).toBeCloseTo(95, 1);
  expect(found.edge!.sdMm!).toBeGreaterThan(0.2);
  expect(found.spine!.mm).toBeCloseTo(3, 1);
  expect(found.bevel).toBeNull();
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
