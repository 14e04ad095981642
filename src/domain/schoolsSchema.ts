import { object } from 'yup';
import { oneOf } from './fields';
import { SCHOOLS } from './schools';

/** One answer to each question, by the keeper of a tool. */
export const schoolsSchema = object({
  drift: oneOf(SCHOOLS.drift),
  finish: oneOf(SCHOOLS.finish),
  pressure: oneOf(SCHOOLS.pressure),
  stropPressure: oneOf(SCHOOLS.stropPressure),
  stropAngle: oneOf(SCHOOLS.stropAngle),
  counting: oneOf(SCHOOLS.counting),
  moves: oneOf(SCHOOLS.moves),
  motion: oneOf(SCHOOLS.motion),
  tip: oneOf(SCHOOLS.tip),
  burr: oneOf(SCHOOLS.burr),
  burrWhen: oneOf(SCHOOLS.burrWhen),
  gritSteps: oneOf(SCHOOLS.gritSteps),
  profile: oneOf(SCHOOLS.profile),
  scratches: oneOf(SCHOOLS.scratches),
  lubricant: oneOf(SCHOOLS.lubricant),
  stropAtEnd: oneOf(SCHOOLS.stropAtEnd),
}).noUnknown();
