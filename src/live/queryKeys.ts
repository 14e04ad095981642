/** What follows from many tables has a key of its own; all else is kept under its table's name. */
export const STANDINGS_KEY = ['standings'] as const;
/** The records that cannot be used, in whichever stores are asked for. */
export const UNUSABLE_KEY = ['unusable'] as const;
/** The standings as they were kept at the last look, until something is written. */
export const KEPT_STANDINGS_KEY = ['kept standings'] as const;
/** What hangs in the bin, of whichever stores. */
export const BIN_KEY = ['bin'] as const;
/** What the whole log answers. */
export const ANSWERS_KEY = ['answers'] as const;
/** What the log has taught of the things on the shelf. */
export const TAUGHT_KEY = ['taught'] as const;
