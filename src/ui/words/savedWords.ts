/** How far what was done has come. */
export const SAVED_WORDS = {
  saved: 'saved',
  saving: 'saving',
  'not saved': 'not saved',
} as const;
