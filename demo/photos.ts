import { encode } from 'jpeg-js';
import type { Photo } from '../src/domain/photo';
import { paintPhoto, TRIED_SCENE, type PaintedScene } from '../src/instruments/paintedPhoto';

/** Wren before and after its touch-up of October, painted: nobody took these photos. */
const SCENE: PaintedScene = {
  ...TRIED_SCENE,
  widthPx: 960,
  heightPx: 600,
  pxPerMm: 4.2,
  noise: 2,
};
const ENTRY = 'entry-35';
const QUALITY = 70;

function photo(stage: 'before' | 'after', takenAt: string, change: Partial<PaintedScene>): Photo {
  const scene = { ...SCENE, ...change };
  const { raster, edge } = paintPhoto(scene);
  const jpeg = encode({ ...raster, data: Buffer.from(raster.pixels) }, QUALITY).data;
  const tenth = ({ x, y }: { x: number; y: number }) => ({
    x: Math.round(10 * x) / 10,
    y: Math.round(10 * y) / 10,
  });
  return {
    id: `photo-${stage}`,
    createdAt: takenAt,
    updatedAt: takenAt,
    deletedAt: null,
    toolId: 'wren',
    takenAt,
    dataUrl: `data:image/jpeg;base64,${jpeg.toString('base64')}`,
    caption: '',
    entry: { store: 'sessions', id: ENTRY },
    stage,
    scale: { pxPerMm: scene.pxPerMm, heel: tenth(edge[0]!), tip: tenth(edge.at(-1)!) },
  };
}

export const photos: Photo[] = [
  photo('before', '2026-10-24T16:18:00.000Z', {}),
  photo('after', '2026-10-24T16:24:00.000Z', {
    turnDeg: 3,
    pxPerMm: 4,
    chip: null,
    glints: [],
    seed: 8,
  }),
];
