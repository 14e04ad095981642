'use client';

import { COUNT_SCHEMES, type CountScheme } from '../domain/terms';
import { SCHEME_KEY, usePreference } from './preferences';

/** How this person shares strokes between the sides, on this device. */
export function useScheme(): [CountScheme, (scheme: CountScheme) => void] {
  const [word, setWord] = usePreference(SCHEME_KEY, COUNT_SCHEMES[0]);
  const scheme = COUNT_SCHEMES.find((each) => each === word) ?? COUNT_SCHEMES[0];
  return [scheme, setWord];
}
