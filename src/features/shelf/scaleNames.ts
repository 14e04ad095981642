import type { Scale } from '../../domain/terms';

/** Grade scales as they are printed, with the standard that each counts by. */
export const SCALE_NAMES: Record<Scale, string> = {
  'fepa-p': 'P',
  'fepa-f': 'F',
  cami: 'CAMI',
  jis: 'JIS',
  mesh: 'mesh',
  micron: 'µm',
  natural: 'by name',
  density: 'g/ml',
  range: 'range',
};

export const SCALE_OPTIONS: readonly (readonly [Scale, string])[] = [
  ['micron', 'µm, as printed'],
  ['fepa-p', 'P, European paper (ISO 6344)'],
  ['fepa-f', 'F, bonded stones (ISO 8486)'],
  ['cami', 'CAMI, American paper (ANSI B74.18)'],
  ['jis', 'JIS, water stones (JIS R 6001)'],
  ['mesh', 'Diamond mesh, up to 600'],
  ['natural', 'Natural stone or file, by name'],
  ['density', 'Natural stone, by density in g/ml'],
  ['range', 'Unknown: a range of µm'],
];
