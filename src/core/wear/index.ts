export { workingSteel, type WorkingSteel } from './workingSteel';
export { rockwellHardness, vickersHardness } from './hardness';
export { specificWearRate, FILE_LIMIT_HRC } from './specificWearRate';
export { defaultForceN, forceInWords, contactPressure, FORCE_WORDS, STROP_FORCE_N } from './force';
export {
  bandVolumeMm3,
  damageVolumeMm3,
  faceVolumeMm3,
  microbevelVolumeMm3,
  apexRecessionMm,
  roundingShiftMm,
  scratchShiftMm,
} from './volumes';
export {
  BAND_ABOVE_DEG,
  flatDamageBand,
  HOLD_WOBBLE_DEG,
  workedBand,
  type Hold,
  type WorkedBand,
} from './workedBand';
export { strokesFor, DEFAULT_PACE, type Pace } from './strokesFor';
