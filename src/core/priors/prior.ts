/** One constant of the model that is a starting guess, or a choice that was tried. */
export interface Prior {
  value: number;
  unit: string;
  /** What it is. */
  what: string;
  /** Where it comes from: practice, a published measure, or a trial of this model. */
  source: string;
}

/** One line of a table of priors. */
export const prior = (value: number, unit: string, what: string, source: string): Prior => ({
  value,
  unit,
  what,
  source,
});

export const PRACTICE = 'practice';
export const TRIAL = 'tried on simulated lives';
