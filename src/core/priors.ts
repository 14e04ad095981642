/** One constant of the model that is a starting guess, or a choice that was tried. */
export interface Prior {
  value: number;
  unit: string;
  /** What it is. */
  what: string;
  /** Where it comes from: practice, a published measure, or a trial of this model. */
  source: string;
}

const prior = (value: number, unit: string, what: string, source: string): Prior => ({
  value,
  unit,
  what,
  source,
});

const PRACTICE = 'practice';
const TRIAL = 'tried on simulated lives';

/** Every constant of the model that a log may correct or a person may doubt, once. */
export const PRIORS = {
  // What the log teaches.
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

  // What a trip is simulated with, beside those of dulling.
  effortSdLn: prior(0.5, 'sd of ln', 'minutes of one touch-up out there around its plan', PRACTICE),
  chipMedianMm: prior(0.15, 'mm', 'depth of a chip, in the middle', PRACTICE),
  chipSdLn: prior(0.8, 'sd of ln', 'depth of chips', PRACTICE),
} as const satisfies Record<string, Prior>;
