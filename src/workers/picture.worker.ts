import { expose } from 'comlink';
import {
  glintAlong,
  rimOnPhoto,
  traceLine,
  type Glint,
  type PhotoPoint,
  type Raster,
} from '../core/measure';
import { paintPhoto, TRIED_SCENE } from '../instruments';

/** Taps that a line is followed through, in px of the picture. */
export interface TraceRequest {
  taps: PhotoPoint[];
  isClosed: boolean;
}

/** Taps on the rim of a coin, in px of the picture. */
export interface RimRequest {
  taps: PhotoPoint[];
}

/** An edge whose light is looked at, in px of the picture, and how large the picture shows it. */
export interface GlintRequest {
  line: PhotoPoint[];
  pxPerMm: number;
}

/** Longest side of a kept picture, in pixels, and its JPEG quality. */
const KEPT_PX = 1280;
const QUALITY = 0.82;
/** Lines are followed, and light is looked at, on a picture of at most so many pixels a side. */
const READ_PX = 1600;

/** A picture as it is kept: scaled down, upright, and nothing in it but what is seen. */
export interface KeptPicture {
  dataUrl: string;
  width: number;
  height: number;
}

/** The picture that lines are followed on, and its pixels to one of the file's. */
let held: { raster: Raster; scale: number } | null = null;

/** A file drawn at most so large; the browser turns it upright as its camera said. */
async function drawn(file: Blob, longestPx: number) {
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, longestPx / Math.max(bitmap.width, bitmap.height));
  const width = Math.max(1, Math.round(bitmap.width * scale));
  const height = Math.max(1, Math.round(bitmap.height * scale));
  const canvas = new OffscreenCanvas(width, height);
  const pen = canvas.getContext('2d')!;
  pen.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  return { canvas, pen, width, height, scale };
}

function scaled(points: readonly PhotoPoint[], by: number): PhotoPoint[] {
  return points.map(({ x, y, offPx }) => ({
    x: x * by,
    y: y * by,
    ...(offPx !== undefined && { offPx: offPx * by }),
  }));
}

/** Pictures in a thread of their own: drawing, following and painting them takes longer than a page may stand still. */
const api = {
  /** Throws where the file is no picture. */
  async shrink(file: Blob): Promise<KeptPicture> {
    const { canvas, width, height } = await drawn(file, KEPT_PX);
    const jpeg = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
    return { dataUrl: new FileReaderSync().readAsDataURL(jpeg), width, height };
  },
  /** Holds a picture, for the lines that are followed on it next. */
  async hold(file: Blob): Promise<void> {
    const { pen, width, height, scale } = await drawn(file, READ_PX);
    held = { raster: { width, height, pixels: pen.getImageData(0, 0, width, height).data }, scale };
  },
  trace({ taps, isClosed }: TraceRequest): PhotoPoint[] {
    if (!held) return taps;
    const { raster, scale } = held;
    return scaled(traceLine({ raster, taps: scaled(taps, scale), isClosed }), 1 / scale);
  },
  /** Points on the rim of a coin as the picture shows it near the taps; null where it does not. */
  rim({ taps }: RimRequest): PhotoPoint[] | null {
    if (!held) return null;
    const { raster, scale } = held;
    const seen = rimOnPhoto({ raster, taps: scaled(taps, scale) });
    return seen && scaled(seen, 1 / scale);
  },
  glints({ line, pxPerMm }: GlintRequest): Glint[] {
    if (!held) return [];
    const { raster, scale } = held;
    return glintAlong({ raster, line: scaled(line, scale), pxPerMm: pxPerMm * scale });
  },
  /** A made-up photo as a file. */
  async makeUp(): Promise<Blob> {
    const { width, height, pixels } = paintPhoto(TRIED_SCENE).raster;
    const canvas = new OffscreenCanvas(width, height);
    const painted = new ImageData(width, height);
    painted.data.set(pixels);
    canvas.getContext('2d')!.putImageData(painted, 0, 0);
    return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
  },
};

export type PictureWorker = typeof api;

expose(api);
