import { shelfWords as say } from './words';
import type { Scale } from '../../domain/terms';

/** Grade scales as they are printed, with the standard that each counts by. */
export const SCALE_NAMES: Record<Scale, string> = {
  'fepa-p': 'P',
  'fepa-f': 'F',
  cami: 'CAMI',
  jis: 'JIS',
  mesh: say.mesh,
  micron: 'µm',
  natural: say.byName,
  density: 'g/ml',
  range: say.range,
};

export const SCALE_OPTIONS: readonly (readonly [Scale, string])[] = [
  ['micron', say.mAsPrinted],
  ['fepa-p', say.gradeOfEuropeanPaper],
  ['fepa-f', say.gradeOfBondedStones],
  ['cami', say.gradeOfAmericanPaper],
  ['jis', say.jisWaterStonesJisR],
  ['mesh', say.gradeByDiamondMesh],
  ['natural', say.gradeByName],
  ['density', say.gradeByDensity],
  ['range', say.unknownARangeOfM],
];
