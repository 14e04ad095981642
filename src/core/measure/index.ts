/** What a phone's own sensors tell, as figures with their ±: pure, devices only feed them. */
export {
  angleFromTilt,
  STILL_DEG,
  STILL_SECONDS,
  TILT_ZEROS,
  type TiltAngle,
  type TiltReading,
  type TiltZero,
} from './angleFromTilt';
export { gravityOf, LEVEL, meanGravity, tiltBetween, type Gravity } from './tilt';
export { strokeCounter, type StrokesHeard } from './strokeCounter';
export { type HeldStroke, type HoldReading } from './strokesOfSet';
export { studySet, type SetStudy } from './studySet';
export { angleRefused, withMeasuredAngle, type AngleRefused } from './measuredAngle';
export { edgeOnPhoto, notchOnPhoto } from './edgeOnPhoto';
export { GLINT_PX_PER_MM, glintAlong, type Glint } from './glintAlong';
export { traceLine } from './traceLine';
export { tracedOutline } from './tracedOutline';
export type { Raster } from './raster';
export { ASKEW_DEG, measureOnPhoto, TOO_ASKEW_DEG, type PhotoLength } from './measureOnPhoto';
export { rimOnPhoto } from './rimOnPhoto';
export { fitRim, type PhotoPoint, type Rim } from './rim';
