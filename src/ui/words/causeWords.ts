import type { Finding } from '../../domain/session';

/** Where damage comes from, as people say it. */
export const CAUSE_WORDS: Record<Finding['cause'], string> = {
  work: 'normal work',
  misuse: 'misuse',
  factory: 'factory edge',
  unknown: 'do not know',
};
