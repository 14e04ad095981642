// Looked up once: these are called millions of times.
const { max, min, round, sqrt } = Math;

/** A picture as pixels: red, green, blue and opacity of each, row by row from above. */
export interface Raster {
  width: number;
  height: number;
  pixels: Uint8ClampedArray;
}

/** How bright the picture is at a point between pixels, 0 to 255 (luma of ITU-R BT.601); outside, as its rim is. */
export function brightnessAt({ width, height, pixels }: Raster, x: number, y: number): number {
  const column = min(width - 1, max(0, round(x)));
  const row = min(height - 1, max(0, round(y)));
  const at = 4 * (row * width + column);
  return 0.299 * pixels[at]! + 0.587 * pixels[at + 1]! + 0.114 * pixels[at + 2]!;
}

/**
 * How sharply the picture changes at each pixel, by the colour that changes most: Sobel's differences over three
 * pixels a side, none at the rim.
 */
export function contrastOf({ width, height, pixels }: Raster): Float32Array {
  const found = new Float32Array(width * height);
  const down = 4 * width;
  for (let y = 1; y < height - 1; y += 1) {
    for (let x = 1; x < width - 1; x += 1) {
      let most = 0;
      for (let colour = 0; colour < 3; colour += 1) {
        const at = 4 * (y * width + x) + colour;
        const [ul, ur] = [pixels[at - down - 4]!, pixels[at - down + 4]!];
        const [dl, dr] = [pixels[at + down - 4]!, pixels[at + down + 4]!];
        const gx = ur + 2 * pixels[at + 4]! + dr - ul - 2 * pixels[at - 4]! - dl;
        const gy = dl + 2 * pixels[at + down]! + dr - ul - 2 * pixels[at - down]! - ur;
        most = max(most, gx * gx + gy * gy);
      }
      found[y * width + x] = sqrt(most);
    }
  }
  return found;
}
