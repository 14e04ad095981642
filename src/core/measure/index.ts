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
export { studySet, type HeldStroke, type HoldReading, type SetStudy } from './studySet';
export { learnedWobble, type LearnedWobble } from './learnedWobble';
export { angleRefused, withMeasuredAngle, type AngleRefused } from './measuredAngle';
export {
  ASKEW_DEG,
  depthOnPhoto,
  measureOnPhoto,
  TOO_ASKEW_DEG,
  type PhotoLength,
} from './measureOnPhoto';
export { fitRim, type PhotoPoint, type Rim } from './rim';
