/** What follows from many tables has a key of its own; all else is kept under its table's name. */
export const STANDINGS_KEY = ['standings'] as const;
