export { workingSteel } from './workingSteel';
export { rockwellHardness, vickersHardness } from './hardness';
export { edgeWear, type EdgeWear } from './dulling';
export { specificWearRate, FILE_LIMIT_HRC } from './specificWearRate';
export { defaultForceN, forceInWords, contactPressure } from './force';
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
  type Steadiness,
} from './workedBand';
export { strokesFor, DEFAULT_PACE, type Pace } from './strokesFor';
