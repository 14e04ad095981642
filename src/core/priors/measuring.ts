import { PRACTICE, prior, type Prior } from './prior';

/** What a phone measures by. */
export const MEASURING = {
  tiltSensorDeg: prior(
    0.2,
    '°',
    'what the level of a phone is off by once it is zeroed',
    'no phone has been recorded yet',
  ),
  tapPx: prior(2, 'px of the photo', 'what a tap on a photo is off by at the least', PRACTICE),
  pointerPx: prior(1.5, 'px of the screen', 'what a tap by mouse or pen is off by', PRACTICE),
  fingerPx: prior(4, 'px of the screen', 'what a tap by a finger is off by', PRACTICE),
  loupePx: prior(2, 'px of the loupe', 'what a point set under the loupe is off by', PRACTICE),
  rimSeenMm: prior(0.2, 'mm', 'what a coin’s rim as a photo shows it is off by, across', PRACTICE),
  glintLeast: prior(25, 'of 255', 'what a glint on a photo is brighter by', PRACTICE),
  photoDistanceMm: prior(300, 'mm', 'how far off a phone is held for a photo', PRACTICE),
  wobbleSdLn: prior(0.4, 'sd of ln', 'the wobble of one hand over the usual one', PRACTICE),
  wobbleSetSdLn: prior(
    0.2,
    'sd of ln',
    'the wobble of a day around its hand’s, however long the set',
    PRACTICE,
  ),
  holdDaySdDeg: prior(0.4, '°', 'a hand’s mean hold, from day to day', PRACTICE),
  wobbleOnBevelShare: prior(
    0.5,
    'exponent',
    'of a hand’s own wobble (ln) when it rests on the bevel',
    PRACTICE,
  ),
  heldNotableDeg: prior(0.5, '°', 'a lean of the hand that is worth a word', PRACTICE),
  lathPaceSdLn: prior(0.5, 'sd of ln', 'pace on a stone over a lath', PRACTICE),
} as const satisfies Record<string, Prior>;
