import type { CutterFamily } from '../evidence';

/** What is known of the things that the log's steps were done with: their family, by id. */
export type FamilyOf = (itemId: string) => CutterFamily | null;

/** What the log is no longer to teach: of one thing by id, of `pace`, of `hold` or of `all`, up to a moment. */
export type Forgotten = readonly { what: string; at: string }[];

/** Whether the person has said that what this had taught by then is to be forgotten. */
export function isForgotten(forgotten: Forgotten, what: string, at: string): boolean {
  return forgotten.some(
    (entry) =>
      (entry.what === what || entry.what === 'all') && Date.parse(at) <= Date.parse(entry.at),
  );
}
