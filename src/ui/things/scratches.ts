/** How the scratches of a surface are drawn: closer and finer as its particles are. */
export function scratches(sizeUm: number): { gapPx: number; weightPx: number } {
  return { gapPx: Math.max(1.6, 1.15 * sizeUm ** 0.55), weightPx: 0.36 * sizeUm ** 0.38 };
}
