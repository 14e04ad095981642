import { PRACTICE, prior, TRIAL, type Prior } from './prior';

/** What the log teaches, and how far single entries stray. */
export const LEARNING = {
  familySdLn: prior(0.7, 'sd of ln', 'strokes of a family over the model’s', PRACTICE),
  thingSdLn: prior(0.35, 'sd of ln', 'strokes of a thing over its family’s', PRACTICE),
  thingFloorSdLn: prior(
    0.1,
    'sd of ln',
    'what stays open of a thing however often it is used',
    TRIAL,
  ),
  personSdLn: prior(0.5, 'sd of ln', 'strokes of one person over everybody’s', PRACTICE),
  toolSdLn: prior(
    0.2,
    'sd of ln',
    'what a tool’s measures are off by in all its steps alike',
    TRIAL,
  ),
  stepSdLn: prior(0.4, 'sd of ln', 'strokes of one step around its thing’s', PRACTICE),
  strokesPower: prior(
    2,
    '',
    'strokes that restore an apex go as its radius to this power',
    'the volumes of this model',
  ),
  signSdLn: prior(0.15, 'sd of ln', 'strokes at which a sign of being done is seen', TRIAL),
  testYesSdLn: prior(0.29, 'sd of ln', 'radius at which a test is just passed', TRIAL),
  paceSdLn: prior(0.3, 'sd of ln', 'strokes a minute of a hand over its settings', PRACTICE),
  paceStepSdLn: prior(0.2, 'sd of ln', 'strokes a minute in one step around the hand’s', PRACTICE),
  dullingSdLn: prior(0.7, 'sd of ln', 'dulling of a tool over the model’s', PRACTICE),
  dullingTaskSdLn: prior(0.35, 'sd of ln', 'dulling at a task over its tool’s', PRACTICE),
  daySdLn: prior(0.3, 'sd of ln', 'dulling of a day around its tool’s', PRACTICE),
  hoursSdLn: prior(0.25, 'sd of ln', 'hours worked around those that were noted', PRACTICE),
  testSdLn: prior(0.35, 'sd of ln', 'radius behind one test', PRACTICE),
  effortSdLn: prior(0.5, 'sd of ln', 'minutes of one touch-up out there around its plan', PRACTICE),
  byFeelSdLn: prior(
    0.7,
    'sd of ln',
    'spread of ln(actual/predicted) of a session whose minutes alone are known',
    PRACTICE,
  ),
} as const satisfies Record<string, Prior>;
