/**
 * How numbers and dates are written where the person is. Words are English; the order of a date and the sign
 * before decimals are the person's own.
 */

const OWN = typeof navigator === 'undefined' ? 'en-GB' : navigator.language || 'en-GB';

/** English words in the order of the person's own country. */
export const DATE_LOCALE = `en-${regionOf(OWN)}`;

/** What stands before the decimals of a number. */
export const DECIMAL =
  new Intl.NumberFormat(OWN, { numberingSystem: 'latn' })
    .formatToParts(1.5)
    .find(({ type }) => type === 'decimal')?.value ?? '.';

function regionOf(language: string): string {
  try {
    return new Intl.Locale(language).maximize().region ?? 'GB';
  } catch {
    return 'GB';
  }
}

/** A number’s text with the person’s own sign before the decimals. */
export function withOwnDecimal(text: string): string {
  return DECIMAL === '.' ? text : text.replace('.', DECIMAL);
}
