import { readGlint, readPictureFile, readRim, readTrace } from './pictureRequest';

const taps = [
  { x: 1, y: 2 },
  { x: 30, y: 4 },
];

it('lets sound requests through as they are', () => {
  const file = new Blob(['x'], { type: 'image/jpeg' });
  expect(readPictureFile(file)).toBe(file);
  expect(readTrace({ taps, isClosed: false })).toEqual({ taps, isClosed: false });
  const three = [...taps, { x: 9, y: 9, offPx: 4 }];
  expect(readRim({ taps: three })).toEqual({ taps: three });
  expect(readGlint({ line: taps, pxPerMm: 8 })).toEqual({ line: taps, pxPerMm: 8 });
});

it('names what is wrong with others', () => {
  expect(() => readPictureFile('picture.jpg')).toThrow('a picture needs a file');
  expect(() => readTrace({ taps: taps.slice(1), isClosed: true })).toThrow('taps');
  expect(() => readTrace({ taps: [{ x: NaN, y: 0 }, taps[1]], isClosed: true })).toThrow(
    'taps[0].x',
  );
  expect(() => readRim({ taps })).toThrow('taps');
  expect(() => readGlint({ line: taps, pxPerMm: 0 })).toThrow('pxPerMm');
});
