import type { Theme } from '../../../ui/preferences';

/** What the button that turns to each theme says. */
export const themeWords: Record<Theme, string> = {
  day: 'Day theme',
  ember: 'Ember theme, for the dark',
  sun: 'Sun theme, for strong light',
};
