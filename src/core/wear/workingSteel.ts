import type { FileBite, Carbide } from '../../domain/terms';
import type { Steel } from '../../domain/tool';

/** Steel as the model uses it: one hardness, known carbides, the range that stays open. */
export interface WorkingSteel {
  hardnessHrc: number;
  rangeHrc: readonly [low: number, high: number];
  carbide: Carbide;
  stainless: boolean;
}

/** Hardness that each answer of a file allows: files bite up to about 58 HRC and skate above. */
const FILE_RANGE_HRC: Record<FileBite, readonly [number, number]> = {
  bites: [30, 57],
  'hardly bites': [56, 60],
  skates: [58, 68],
};

/**
 * The steel with its hardness narrowed by what a file did. Unknown carbides count as `moderate`, an
 * unknown steel as rusting: the careful guess. A file that contradicts the stated range wins.
 */
export function workingSteel(steel: Steel): WorkingSteel {
  const [fileLow, fileHigh] = steel.fileBite ? FILE_RANGE_HRC[steel.fileBite] : [30, 68];
  const low = Math.max(steel.hardnessLowHrc, fileLow);
  const high = Math.min(steel.hardnessHighHrc, fileHigh);
  const rangeHrc: [number, number] =
    low <= high
      ? [low, high]
      : steel.hardnessLowHrc > fileHigh
        ? [fileHigh, fileHigh]
        : [fileLow, fileLow];
  return {
    hardnessHrc: (rangeHrc[0] + rangeHrc[1]) / 2,
    rangeHrc,
    carbide: steel.carbide === 'unknown' ? 'moderate' : steel.carbide,
    stainless: steel.stainless === 'yes',
  };
}
