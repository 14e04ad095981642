import { boolean } from 'yup';
import { measure, measureOrNull, oneOf } from './fields';
import { PLACES } from './terms';

/** What every thing on the shelf has: a weight, a place where it lives, and what it cost if wanted. */
export const carriedFields = {
  massG: measure(0, 10_000),
  place: oneOf(PLACES),
  /** Carried whether or not it is wanted for edges, like the trouser belt: counts 0 g. */
  carriedAnyway: boolean().required(),
  /** In the person's own money; null where it is not kept. */
  price: measureOrNull(0, 100_000),
};
