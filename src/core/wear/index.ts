export { workingSteel, type WorkingSteel } from './workingSteel';
export { rockwellHardness, vickersHardness } from './hardness';
export { specificWearRate, FILE_LIMIT_HRC } from './specificWearRate';
export { defaultForceN, forceInWords, contactPressure, FORCE_WORDS } from './force';
export {
  damageVolumeMm3,
  faceVolumeMm3,
  microbevelVolumeMm3,
  apexRecessionMm,
  roundingShiftMm,
  scratchShiftMm,
} from './volumes';
export {
  apexContactWidthMm,
  convexContactWidthMm,
  HOLD_WOBBLE_DEG,
  type Hold,
} from './contactFace';
export { strokesFor, DEFAULT_PACE, UNCALIBRATED_FACTOR, type Pace } from './strokesFor';
