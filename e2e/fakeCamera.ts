import { encode } from 'jpeg-js';
import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import type { Raster } from '../src/core/measure';

/** A still picture as a moving one (JPEG after JPEG): what the browser shows as its camera. */
export function writeMovie(file: string, { width, height, pixels }: Raster): void {
  const frame = encode({ width, height, data: Buffer.from(pixels) }, 90).data;
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, Buffer.concat([frame, frame, frame]));
}
