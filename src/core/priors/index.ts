import { BURR } from './burr';
import { CARRYING } from './carrying';
import { DULLING } from './dulling';
import { GRINDING } from './grinding';
import { HAND } from './hand';
import { LEARNING } from './learning';
import { MEASURING } from './measuring';
import { UNKNOWN } from './unknown';

export type { Prior } from './prior';

/** Every constant of the model that a log may correct or a person may doubt, once. */
export const PRIORS = {
  ...MEASURING,
  ...LEARNING,
  ...UNKNOWN,
  ...DULLING,
  ...HAND,
  ...GRINDING,
  ...BURR,
  ...CARRYING,
} as const;
