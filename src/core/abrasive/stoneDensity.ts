import { DENSITY_LIMITS } from '../../domain/terms';
import { positive } from '../check';

/**
 * Density (g/ml) of a stone from its weight and measures, m / (l·w·t); null where it is not that of a
 * natural sharpening stone, because something is glued to it or it is no brick.
 */
export function stoneDensity(input: {
  massG: number;
  lengthMm: number;
  widthMm: number;
  thicknessMm: number;
}): number | null {
  const volumeMl =
    (positive(input.lengthMm, 'lengthMm') *
      positive(input.widthMm, 'widthMm') *
      positive(input.thicknessMm, 'thicknessMm')) /
    1000;
  const density = positive(input.massG, 'massG') / volumeMl;
  const [loosest, densest] = DENSITY_LIMITS;
  return density >= loosest && density <= densest ? density : null;
}
