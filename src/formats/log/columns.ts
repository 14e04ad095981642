/** The columns of the log as a table: one row a step; the columns of an entry stand in its first row. */
export const LOG_COLUMNS = [
  'entry',
  'started',
  'tool',
  'edge',
  'job',
  'where',
  'step',
  'with',
  'left',
  'right',
  'minutes',
  'before',
  'after',
  'work since',
  'unit',
  'note',
] as const;

export type LogColumn = (typeof LOG_COLUMNS)[number];

/** What one row says, by column; empty where it says nothing. */
export type LogCells = Record<LogColumn, string>;
