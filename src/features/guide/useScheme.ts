'use client';

import { COUNT_SCHEMES, type CountScheme } from '../../domain/terms';
import { SCHEME_KEY, usePreference } from '../../ui/preferences';

/** Whether the tool turns over by itself: all that is not counted a side, or along the edge, at a time. */
export function turnsByItself(scheme: CountScheme): boolean {
  return scheme !== 'a side at a time' && scheme !== 'heel to toe and back';
}

/** How this person shares strokes between the sides, on this device. */
export function useScheme(): [CountScheme, (scheme: CountScheme) => void] {
  const [word, setWord] = usePreference(SCHEME_KEY, COUNT_SCHEMES[0]);
  const scheme = COUNT_SCHEMES.find((each) => each === word) ?? COUNT_SCHEMES[0];
  return [scheme, setWord];
}
