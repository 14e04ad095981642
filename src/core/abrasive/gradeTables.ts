import type { NamedGrade, NumberedScale } from '../../domain/terms';

/** [grade, median particle size in µm], coarse to fine. */
export type GradeRow = readonly [grade: number, sizeUm: number];

export type TabledScale = Exclude<NumberedScale, 'mesh' | 'micron'>;

/**
 * Published grade tables.
 *
 * fepa-p ISO 6344 (coated), fepa-f ISO 8486 (bonded), cami ANSI B74.18 (coated, American), jis
 * JIS R 6001 in the electrical-resistance edition (older charts run coarser). 3000 and 5000 in
 * fepa-p and 10000 and 12000 in jis stand beyond the standards: see `TRADE_VALUES`.
 */
// prettier-ignore
export const GRADE_TABLES: Record<TabledScale, readonly GradeRow[]> = {
  'fepa-p': [
    [40, 425], [50, 336], [60, 269], [80, 201], [100, 162], [120, 125], [150, 100], [180, 82],
    [220, 68], [240, 58.5], [280, 52.2], [320, 46.2], [360, 40.5], [400, 35], [500, 30.2],
    [600, 25.8], [800, 21.8], [1000, 18.3], [1200, 15.3], [1500, 12.6], [2000, 10.3], [2500, 8.4],
    [3000, 7], [5000, 5],
  ],
  'fepa-f': [
    [80, 185], [100, 129], [120, 109], [150, 82], [180, 69], [220, 58], [230, 53], [240, 44.5],
    [280, 36.5], [320, 29.2], [360, 22.8], [400, 17.3], [500, 12.8], [600, 9.3], [800, 6.5],
    [1000, 4.5], [1200, 3], [1500, 2], [2000, 1.2],
  ],
  cami: [
    [60, 268], [80, 192], [100, 141], [120, 116], [150, 93], [180, 78], [220, 66], [240, 53.5],
    [280, 44], [320, 36], [360, 28.8], [400, 23.6], [500, 19.7], [600, 16], [800, 12.2],
    [1000, 9.2], [1200, 6.5],
  ],
  jis: [
    [240, 57], [280, 48], [320, 40], [360, 35], [400, 30], [500, 25], [600, 20], [700, 17],
    [800, 14], [1000, 11.5], [1200, 9.5], [1500, 8], [2000, 6.7], [2500, 5.5], [3000, 4],
    [4000, 3], [6000, 2], [8000, 1.2], [10000, 1], [12000, 0.85],
  ],
};

/** The finest grade that each standard itself defines; finer ones are sellers' values. */
export const TRADE_VALUES: Partial<Record<TabledScale, number>> = { 'fepa-p': 2500, jis: 8000 };

/** Cut of a file, density class of a natural stone, or surface of a steel, as µm (prior). */
export const NAMED_SIZES_UM: Record<NamedGrade, number> = {
  'bastard-file': 100,
  'smooth-file': 60,
  'coarse-sandstone': 60,
  'soft-novaculite': 18,
  'hard-novaculite': 8,
  'translucent-novaculite': 4,
  'beach-pebble': 10,
  'smooth-steel': 1,
  'grooved-steel': 30,
};

/** Density (g/ml) of novaculite and the size it cuts at: soft, hard, translucent (prior). */
export const DENSITY_TABLE: readonly GradeRow[] = [
  [2.25, 18],
  [2.45, 8],
  [2.6, 4],
];

/** Diamond mesh: size in µm times mesh number. */
export const MESH_UM = 14_900;
/** Above this mesh sellers' labels differ from the rule. */
export const FINEST_MESH = 600;
